<script lang="ts">
  import { monthsAhead } from '$lib/api/queries';
  import AheadChart from '$lib/drawings/AheadChart.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    plantId: number;
    today: string;
  }
  const { plantId, today }: Props = $props();
  let open = $state(false);
  const query = monthsAhead(
    () => plantId,
    () => open,
  );
</script>

<details class="sheet fold" bind:open>
  <summary>The months ahead</summary>
  {#if open}
    <Waiting {query}>
      {#if query.data}
        {#each query.data.words as parts, i (i)}<p><Sentence {parts} {today} /></p>{/each}
        <AheadChart ahead={query.data} {today} />
        <p class="quiet">
          If nothing is done meanwhile. Pale: how early or late it may come. Hatched: too dark or
          too cold for what can wait. Dotted: from here on it is not simply left. Above: its next
          move.
        </p>
      {/if}
    </Waiting>
  {/if}
</details>

<style>
  p {
    margin: 0 0 8px;
  }
</style>
