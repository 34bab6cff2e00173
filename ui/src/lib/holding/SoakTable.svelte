<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';

  const { soaks, today }: { soaks: Schemas['SoakView'][]; today: string } = $props();
</script>

<table>
  <thead><tr><th>day</th><th>in</th><th>out</th><th>drop</th></tr></thead>
  <tbody>
    {#each soaks as soak, i (i)}
      <tr>
        <td>{short(soak.on, today)}</td>
        <td>{soak.in ?? '–'}</td>
        <td>{soak.out}</td>
        <td>{soak.drop == null ? '–' : soak.drop.toFixed(1)}</td>
      </tr>
    {/each}
  </tbody>
</table>

<style>
  table {
    width: 100%;
    border-collapse: collapse;
    margin: 10px 0;
  }
  th,
  td {
    text-align: left;
    padding: 4px 8px 4px 0;
    border-bottom: 1px solid var(--color-rule);
    font-weight: 400;
  }
  th {
    color: var(--color-ink-2);
    font-size: 13.5px;
  }
</style>
