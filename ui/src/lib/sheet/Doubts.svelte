<script lang="ts">
  import { count } from '$lib/words/counts';
  import type { Reading, SheetView } from './broughtIn';

  interface Props {
    view: SheetView;
    reading: Reading;
  }
  const { view, reading }: Props = $props();
</script>

{#if reading.doubtful}
  <details class="sheet">
    <summary>{count(reading.doubtful, 'cell')} taken for something they do not quite say</summary>
    <ul>
      {#each reading.doubts as doubt (`${doubt.row} ${doubt.column} ${doubt.why}`)}
        <li>
          <span class="quiet">Row {doubt.row}, {view.columns[doubt.column]?.head}:</span>
          “{doubt.text}” {doubt.why}
        </li>
      {/each}
    </ul>
    {#if reading.doubtful > reading.doubts.length}
      <p class="quiet">These are the first {reading.doubts.length}.</p>
    {/if}
  </details>
{/if}

<style>
  summary {
    min-height: 44px;
    padding: 10px 0;
    font-weight: 600;
  }
  ul {
    max-height: 320px;
    padding: 0 0 10px;
    overflow-y: auto;
  }
  li {
    padding: 3px 0;
    overflow-wrap: anywhere;
  }
</style>
