<script lang="ts">
  import { along, bow, type Point } from './strokes';

  interface Props {
    from: Point;
    to: Point;
    /** How far it bows out, to the left of its way. */
    bend?: number;
    width?: number;
    state?: 'firm' | 'soft' | 'hollow' | 'dark' | 'papery';
    tip?: 'live' | 'stopped' | 'broken' | 'chewed' | 'hidden';
  }
  const { from, to, bend = 0, width = 6, state = 'firm', tip = 'live' }: Props = $props();
  const way = $derived(bow(from, to, bend));
  const end = $derived(along(from, to, bend, 1));
  const inside = $derived(
    {
      firm: 'var(--color-slip)',
      soft: 'var(--color-clay-wash)',
      hollow: 'var(--color-leaf)',
      dark: 'var(--color-ink-2)',
      papery: 'var(--color-ochre-wash)',
    }[state],
  );
</script>

<path d={way} class={state === 'soft' ? 'bad' : 'ink'} fill="none" stroke-width={width + 2.4} />
<path d={way} stroke={inside} fill="none" stroke-width={width} />
{#if state === 'hollow'}
  <path d={way} class="thin" fill="none" />
{:else if state === 'soft'}
  <path d={way} class="bad thin" fill="none" stroke-dasharray="1 5" />
{:else if state === 'papery'}
  <path d={way} class="dry thin" fill="none" stroke-dasharray="6 4" />
{/if}
<g transform="translate({end.x} {end.y}) rotate({end.turn})">
  {#if tip === 'live'}
    <path
      class="tip"
      d="M-6 {-width / 2}H0a{width / 2} {width / 2} 0 0 1 0 {width}H-6z"
      stroke-width="1.4"
    />
  {:else if tip === 'stopped'}
    <circle class="dry" r={width / 2 + 0.6} cx="-1" />
  {:else if tip === 'broken'}
    <path class="bad" fill="none" d="M1 {-width / 2 - 3}l-3 3 4 3-4 3 3 3" />
  {:else if tip === 'chewed'}
    <path class="bad" fill="none" d="M2 {-width / 2 - 2}q-6 1-3 4t-3 4q5 0 4 3" />
  {/if}
</g>
