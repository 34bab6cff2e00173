<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { lengthIn, lengthOut, lengthUnit } from '$lib/words/units.svelte';

  interface Props {
    stands: Schemas['StandView'];
    /** Towards which hour it goes on, once that is known. */
    hour: number | undefined;
    measure: (toRimMm: number, hour: number) => void;
    turn: (hour: number) => void;
  }
  const { stands, hour, measure, turn }: Props = $props();

  const HOURS = Array.from({ length: 12 }, (_, i) => i + 1);
</script>

{#snippet clock(label: string, at: number, onhour: (hour: number) => void)}
  <label>
    {label}
    <select
      class="select"
      value={String(at)}
      onchange={(event) => onhour(Number(event.currentTarget.value))}
    >
      {#each HOURS as hour (hour)}
        <option value={String(hour)}>{hour} o’clock</option>
      {/each}
    </select>
  </label>
{/snippet}

<div class="measures">
  <label>
    From the rim, {lengthUnit()}
    <input
      class="input"
      inputmode="decimal"
      value={lengthOut(Math.round(stands.toRimMm))}
      onchange={(event) => measure(lengthIn(event.currentTarget.value), stands.hour)}
    />
  </label>
  {@render clock('Towards', stands.hour, (hour) => measure(stands.toRimMm, hour))}
  {#if hour !== undefined}
    {@render clock('Grows towards', hour, turn)}
  {/if}
</div>

<style>
  .measures {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin-bottom: 10px;
  }
  .measures label {
    display: grid;
    gap: 4px;
    font-size: 14px;
    align-content: start;
  }
</style>
