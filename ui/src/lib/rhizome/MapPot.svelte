<script lang="ts">
  import { towards, type Spot } from './map';
  import { SIZE, type Sight } from './sight';

  interface Props {
    /** The pot, mm across, round the middle of the drawing. */
    potMm: number | null;
    /** Whether a photograph shows through it. */
    bare: boolean;
    /** The pot it comes from, round the middle of today, if that is another. */
    oldMm: number | null;
    /** Where the leads will stand after each year. */
    ahead: Spot[][];
    year: number;
    radiusMm: number;
    sight: Sight;
  }
  const { potMm, bare, oldMm, ahead, year, radiusMm, sight }: Props = $props();

  const HOURS = [12, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11];
  /** How far outside the pot the hours stand. */
  const HOUR_MM = 14;
</script>

{#if potMm}
  <circle class="pot" class:bare cx={SIZE / 2} cy={SIZE / 2} r={(potMm / 2) * sight.scale} />
  {#each HOURS as hour (hour)}
    {@const at = towards(hour * 30, potMm / 2 + HOUR_MM / sight.scale)}
    <text class="hour" x={SIZE / 2 + at.x * sight.scale} y={SIZE / 2 - at.y * sight.scale + 5}
      >{hour}</text
    >
  {/each}
{/if}
{#if oldMm}
  <circle class="old" cx={sight.x(0)} cy={sight.y(0)} r={(oldMm / 2) * sight.scale} />
{/if}
{#each ahead as leads, i (i)}
  {#each leads as lead, turn (turn)}
    <g class="ahead">
      <circle cx={sight.x(lead.x)} cy={sight.y(lead.y)} r={radiusMm * sight.scale * 0.9} />
      <text x={sight.x(lead.x)} y={sight.y(lead.y) + 4}
        >’{String((year + i + 1) % 100).padStart(2, '0')}</text
      >
    </g>
  {/each}
{/each}

<style>
  .pot {
    fill: var(--color-ochre-wash);
    stroke: var(--color-edge);
    stroke-width: 4;
  }
  .pot.bare {
    fill: none;
  }
  .old {
    fill: none;
    stroke: var(--color-ink-2);
    stroke-dasharray: 3 4;
  }
  .hour,
  .ahead text {
    text-anchor: middle;
    font: 600 15px var(--font-sans);
    fill: var(--color-ink-2);
  }
  .ahead circle {
    fill: none;
    stroke: var(--color-plum);
    stroke-width: 1.5;
    stroke-dasharray: 5 4;
  }
  .ahead text {
    fill: var(--color-plum);
    paint-order: stroke;
    stroke: var(--color-ochre-wash);
    stroke-width: 5px;
  }
</style>
