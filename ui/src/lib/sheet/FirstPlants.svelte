<script lang="ts">
  import { count } from '$lib/words/counts';
  import { lengthSaid } from '$lib/words/units.svelte';
  import { partial } from '$lib/words/dates';
  import type { Reading } from './broughtIn';

  interface Props {
    reading: Reading;
  }
  const { reading }: Props = $props();
  const AT_ONCE = 10;
  const MORE = 200;
  let shown = $state(AT_ONCE);
</script>

<section class="sheet" aria-labelledby="first">
  <h2 id="first">{count(reading.plants, 'plant')} as they are understood</h2>
  {#if reading.first.length}
    <div class="wide">
      <table>
        <thead>
          <tr>
            <th>Row</th>
            <th>Name</th>
            <th>Place</th>
            <th>Potted</th>
            <th>In</th>
            <th>Pot</th>
            <th>Came</th>
            <th>Notes</th>
          </tr>
        </thead>
        <tbody>
          {#each reading.first.slice(0, shown) as plant (plant.row)}
            <tr>
              <td>{plant.row}</td>
              <td>{plant.label}</td>
              <td>{plant.place}</td>
              <td>{partial(plant.pottedOn)}</td>
              <td>{plant.mix}</td>
              <td>{plant.potMm ? lengthSaid(plant.potMm) : ''}</td>
              <td>{plant.arrivedOn ? partial(plant.arrivedOn) : ''}</td>
              <td class="notes">{plant.notes}</td>
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    {#if reading.first.length > shown}
      <button type="button" class="link more" onclick={() => (shown += MORE)}>
        Look at {Math.min(MORE, reading.first.length - shown)} more of {reading.first.length -
          shown}
      </button>
    {/if}
  {/if}
</section>

<style>
  h2 {
    margin: 0;
  }
  .wide {
    margin-top: 8px;
    overflow-x: auto;
  }
  .more {
    min-height: 44px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
  }
  th,
  td {
    padding: 6px 12px 6px 0;
    border-bottom: 1px solid var(--color-rule);
    text-align: left;
    vertical-align: top;
  }
  th {
    font-size: 14px;
    font-weight: 600;
  }
  .notes {
    max-width: 260px;
    white-space: pre-line;
  }
</style>
