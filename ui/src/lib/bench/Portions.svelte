<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { volumeSaid } from '$lib/words/units.svelte';

  const { fill }: { fill: NonNullable<Schemas['JobPage']['fill']> } = $props();
</script>

<p class="all">
  <b>{volumeSaid(fill.mixMl)} of mix</b> after the ball: {fill.measured}
</p>
<table>
  <tbody>
    {#each fill.portions as part (part.component)}
      {@const short = part.inStockMl != null && part.inStockMl < part.ml}
      <tr>
        <th scope="row">{part.words}</th>
        <td>{volumeSaid(part.ml)}</td>
        <td>{part.measured}</td>
        <td class:short>
          {#if part.inStockMl != null}
            {short ? 'only ' : ''}{volumeSaid(part.inStockMl)} in stock
          {/if}
        </td>
      </tr>
    {/each}
    {#if fill.bottomMl > 0}
      <tr
        ><th scope="row">under it</th><td>{volumeSaid(fill.bottomMl)}</td><td
          >coarser than the holes</td
        ><td></td></tr
      >
    {/if}
    {#if fill.topMl > 0}
      <tr><th scope="row">on top</th><td>{volumeSaid(fill.topMl)}</td><td></td><td></td></tr>
    {/if}
  </tbody>
</table>
{#if fill.gradeWords}<p class="quiet">Pieces of {fill.gradeWords}.</p>{/if}

<style>
  .all {
    margin: 0 0 8px;
    font-size: 19px;
  }
  table {
    width: 100%;
    border-collapse: collapse;
    font-size: 16.5px;
  }
  th,
  td {
    padding: 6px 10px 6px 0;
    text-align: left;
    font-weight: 400;
    border-bottom: 1px solid var(--color-rule);
  }
  .short {
    color: var(--color-clay);
    font-weight: 600;
  }
</style>
