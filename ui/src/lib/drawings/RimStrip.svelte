<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';
  import { lengthSaid } from '$lib/words/units.svelte';
  import { scale, steps } from './rim';

  interface Props {
    room: Schemas['RoomView'];
    today: string;
  }
  const { room, today }: Props = $props();

  const WIDTH = 400;
  const RIM = 300;
  const LEFT = 24;
  const px = $derived(scale(room.mm, room.stepMm, RIM - LEFT));
  const drawn = $derived(steps(room.mm, room.stepMm, px, RIM, WIDTH - 8));
  const said = $derived(
    room.mm < 0
      ? `${lengthSaid(-room.mm)} past the rim on ${short(room.seen, today)}`
      : `${lengthSaid(room.mm)} to the rim on ${short(room.seen, today)}; reached about ${short(room.reached, today)}`,
  );
</script>

<svg viewBox="0 0 {WIDTH} 64" role="img" aria-label="Lead and rim: {said}">
  <rect x="0" y="12" width={RIM} height="40" rx="6" class="pot" />
  <line x1={RIM} x2={RIM} y1="4" y2="60" class="rim" />
  <text x={RIM + 8} y="16">rim</text>
  {#each drawn as step, i (i)}
    <circle
      cx={step.x}
      cy="32"
      r={step.coming ? 9 : 12}
      class:coming={step.coming}
      class:past={step.past}
    />
  {/each}
</svg>
<p class="quiet">{said[0]!.toUpperCase()}{said.slice(1)}.</p>

<style>
  svg {
    width: 100%;
    max-width: 460px;
  }
  .pot {
    fill: var(--color-ochre-wash);
  }
  .rim {
    stroke: var(--color-ochre);
    stroke-width: 4;
    stroke-linecap: round;
  }
  text {
    font: 13px var(--font-sans);
    fill: var(--color-ink-2);
  }
  circle {
    fill: var(--color-moss);
  }
  circle.past {
    fill: var(--color-clay);
  }
  circle.coming {
    fill: none;
    stroke: var(--color-moss);
    stroke-width: 2;
    stroke-dasharray: 4 3;
  }
  circle.coming.past {
    stroke: var(--color-clay);
  }
</style>
