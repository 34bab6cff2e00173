<script lang="ts">
  import type { Drawn } from '../pictures';
  import Bulb from '../parts/Bulb.svelte';
  import { blade } from '$lib/guide/parts/strokes';
  import Root from '../parts/Root.svelte';
  import Shoot from '../parts/Shoot.svelte';

  const { item, answer }: Drawn = $props();
  const grown = $derived(answer === 'MATURE' || answer === 'RESTING');
</script>

<path class="ink" d="M12 66H{answer === 'NONE' ? 66 : 92}" stroke-width="4" />
<Bulb x={26} y={64} height={28} furrows={1} leaves={0} />
<Bulb x={54} y={64} height={34} leaves={2} />
{#if item === 'newGrowths'}
  <Shoot x={84} y={64} height={22} />
  <Shoot x={40} y={64} height={15} lean={-8} />
  <text x="81" y="80">1</text>
  <text x="37" y="80">2</text>
{:else if answer === 'NONE'}
  <path class="bad" d="M66 62q8 0 8 4t-8 4z" />
  <path class="bad thin" fill="none" stroke-dasharray="3 4" d="M84 64q-4-14 0-24 6 10 2 24" />
{:else if answer === 'EYE_SWELLING'}
  <path class="mark" d="M62 64q1-9 8-9t8 9z" />
{:else if answer === 'STARTING'}
  <Shoot x={84} y={64} height={18} />
{:else if answer === 'HALF_GROWN'}
  <path class="mark" d={blade([83, 62], [70, 30], -4, 6)} />
  <path class="mark" d={blade([85, 62], [104, 34], 4, 6)} />
  <Shoot x={84} y={64} height={24} />
{:else if answer === 'NEARLY_MATURE'}
  <Bulb x={86} y={64} height={30} width={8} leaves={2} look="mark" />
{:else if grown}
  <Bulb
    x={88}
    y={64}
    height={36}
    width={15}
    leaves={2}
    look={answer === 'MATURE' ? 'mark' : 'live'}
  />
  {@const tip = answer === 'MATURE' ? 'live' : 'stopped'}
  <Root from={[84, 68]} to={[70, 78]} width={3.4} bend={-2} {tip} />
  <Root from={[92, 68]} to={[108, 78]} width={3.4} bend={3} {tip} />
{/if}
