<script lang="ts">
  import { page } from '$app/state';
  import { preparation, sitePage } from '$lib/api/queries';
  import Preparation from '$lib/benchdays/Preparation.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { long } from '$lib/words/dates';

  const day = $derived(page.params.day ?? '');
  const ready = preparation(() => day);
  const site = sitePage();
</script>

<svelte:head><title>Prepare {day} · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>{ready.data ? `For ${long(ready.data.on)}` : 'Bench day'}</h1>
  <span class="quiet no-print"
    ><a class="link" href="/bench">Bench</a> ·
    <button type="button" class="link" onclick={() => print()}>Print</button></span
  >
</div>
<Waiting query={ready}>
  {#if ready.data && site.data}<Preparation ready={ready.data} today={site.data.today} />{/if}
</Waiting>

<style>
  @media print {
    .no-print {
      display: none;
    }
  }
</style>
