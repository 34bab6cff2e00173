<script lang="ts">
  import type { Drawn } from '../pictures';
  import Root from '../parts/Root.svelte';
  import { lengthOut, unitOf } from '$lib/words/units.svelte';

  const { answer, roots }: Drawn = $props();
  const BASE = 17;
  /** So that a long root and the end of its ruler are seen. */
  const scale = $derived(88 / (roots.midMost * 1.25));
  const length = $derived(
    {
      NUB: roots.nubMost * 0.6,
      SHORT: (roots.nubMost + roots.shortMost) / 2,
      MID: (roots.shortMost + roots.midMost) / 2,
      LONG: roots.midMost * 1.16,
      ANCHORED: roots.midMost,
    }[answer],
  );
  const marks = $derived([roots.nubMost, roots.shortMost, roots.midMost]);
</script>

<path class="ink" d="M2 56h13v8H2" />
{#if answer === 'SWELLING'}
  <path class="mark" d="M17 26q7 1 6 6t-6 5zM17 40q6 1 5 5t-6 5z" />
{:else if length !== undefined}
  <Root
    from={[BASE - 6, 34]}
    to={[BASE + length * scale, 34 + length / 20]}
    width={8}
    bend={length / 25}
    tip={answer === 'ANCHORED' ? 'hidden' : 'live'}
  />
{/if}
<path class="live" d="M2 14q16-4 16 12v20q0 12-16 10z" />
{#if answer === 'ANCHORED'}
  <path class="dry" d="M58 20h60v38H52q8-6 4-14t6-12-4-12z" />
  <path
    class="chip"
    d="M70 28l10-2 2 6-9 2zM90 40l10 2-1 5-10-2zM72 46l9 2-1 5-9-1zM96 26l9 2-2 5-8-2z"
  />
{/if}
<g transform="translate({BASE} 64)">
  <path class="thin" d="M0 0H{88 + 10}M0 0v4" />
  {#each marks as mm, i (mm)}
    {@const last = i === marks.length - 1}
    <path class="thin" d="M{mm * scale} 0v4" />
    <text x={last ? 103 : mm * scale} y="17" text-anchor={last ? 'end' : 'middle'}
      >{lengthOut(mm)}{last ? ` ${unitOf('mm')}` : ''}</text
    >
  {/each}
</g>
