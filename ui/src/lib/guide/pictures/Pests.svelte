<script lang="ts">
  import type { Drawn } from '../pictures';
  import { blade, bow } from '$lib/guide/parts/strokes';
  import Pot from '../parts/Pot.svelte';
  import Root from '../parts/Root.svelte';
  import Wool from '../parts/Wool.svelte';

  const ON_LEAF = [
    'NONE',
    'MEALYBUG',
    'SCALE',
    'MITES',
    'THRIPS',
    'SNAIL',
    'SPIDER',
    'BEYOND_CURE',
  ];

  const { answer }: Drawn = $props();
</script>

{#if ON_LEAF.includes(answer)}
  <path class="live" d={blade([6, 66], [114, 40], 12, 24)} />
  <path class="live thin" fill="none" d={bow([8, 65], [112, 41], 12)} />
{/if}
{#if answer === 'NONE'}
  <circle class="mark" cx="66" cy="36" r="18" fill="none" />
  <path class="mark" d="M79 49l18 22" stroke-width="4" />
{:else if answer === 'MEALYBUG'}
  <Wool x={40} y={48} />
  <Wool x={58} y={38} size={0.8} />
  <Wool x={78} y={44} size={1.1} />
{:else if answer === 'ROOT_MEALYBUG'}
  <Root from={[6, 20]} to={[112, 26]} width={10} bend={6} tip="hidden" />
  <Root from={[6, 60]} to={[110, 54]} width={10} bend={-8} tip="hidden" />
  <Wool x={36} y={18} />
  <Wool x={74} y={24} size={0.8} />
  <Wool x={54} y={62} size={1.1} />
  <Wool x={90} y={60} size={0.7} />
{:else if answer === 'SCALE'}
  {#each [[36, 52], [52, 42], [66, 50], [80, 38], [92, 46]] as [x, y] (x)}
    <path class="bad" d="M{x! - 6} {y}q0-7 6-7t6 7z" />
  {/each}
  <path class="bad" d="M98 70q0-7 6-7t6 7z" />
  <path class="mark thin" fill="none" d="M94 52q8 2 9 8" />
{:else if answer === 'MITES'}
  {#each [30, 42, 54, 66, 78, 90] as x, i (x)}
    <circle class="bad" cx={x} cy={52 - i * 2} r="1.4" />
    <circle class="bad" cx={x + 6} cy={42 - (i % 2) * 3} r="1.2" />
  {/each}
  <path
    class="thin"
    fill="none"
    d="M40 40L70 8M56 32L84 10M74 30L96 14M46 30q18 0 36-6M58 18q14 2 26-2"
  />
{:else if answer === 'THRIPS'}
  <path stroke="var(--color-slip)" stroke-width="3" d="M34 52l16-5M60 40l18-3M70 50l14-3" />
  <path class="dot" d="M40 44h3v2h-3zM56 52h3v2h-3zM88 42h3v2h-3z" />
  {#each [[48, 38, -20], [78, 46, -10]] as [x, y, turn] (x)}
    <g transform="translate({x} {y}) rotate({turn})">
      <path class="bad" d="M-8 0q8-4 16 0-8 4-16 0z" />
      <path class="thin" d="M8 0l4-3m-4 3 4 3" />
    </g>
  {/each}
{:else if answer === 'SNAIL'}
  <path class="paper" d="M84 58q4-10 12-8 4 6-4 12z" />
  <path class="dry" d="M26 40h44q8 0 10-8" fill="none" stroke-width="4" />
  <path class="dry" d="M34 38a14 13 0 1 1 26 0z" />
  <path class="dry thin" fill="none" d="M41 36a7 7 0 1 1 12 0M47 36a2 2 0 0 1 3-3" />
  <path class="thin" d="M80 32l-2-7M82 32l5-6" />
{:else if answer === 'FUNGUS_GNAT'}
  <Pot y={54} width={92} depth={26} soil={5} />
  {#each [[40, 26], [76, 36]] as [x, y] (x)}
    <g transform="translate({x} {y})">
      <path class="dot" d="M-2-8q4-3 4 2l1 12q-3 3-5 0z" />
      <path class="paper thin" d="M1-3q14-8 14 1t-14 4zM-2-3q-14-8-14 1t14 4z" />
      <path class="thin" d="M-1 6l-6 8M2 6l6 8M0-9l-4-5M1-9l4-5" />
    </g>
  {/each}
{:else if answer === 'SPRINGTAIL'}
  <Pot y={46} width={92} depth={34} soil={5} />
  {#each [28, 50, 70, 90] as x, i (x)}
    <path class="paper" d="M{x - 5} {49 - (i % 2) * 2}q5-5 10 0-5 4-10 0z" stroke-width="1.5" />
  {/each}
  <path
    class="mark thin"
    fill="none"
    stroke-dasharray="3 3"
    d="M34 44q8-30 20 0M74 44q10-34 22-8"
  />
  <path class="paper" d="M92 32q5-5 10 0-5 4-10 0z" stroke-width="1.5" />
{:else if answer === 'SPIDER'}
  <ellipse class="dot" cx="60" cy="38" rx="7" ry="9" />
  <circle class="dot" cx="60" cy="26" r="4.5" />
  <path
    fill="none"
    d="M54 32l-14-8-8 8M53 37l-16-2-8 10M54 42l-13 5-3 11M66 32l14-8 8 8M67 37l16-2 8 10M66 42l13 5 3 11"
    stroke-width="1.6"
  />
{:else}
  <Wool x={46} y={46} />
  <Wool x={74} y={42} />
  <path
    class="mark"
    fill="none"
    d="M36 22a30 20 0 0 1 50-4m-9 1 10 0 1-10M84 66a30 20 0 0 1-50 4m9-1-10 0-1 10"
  />
{/if}
