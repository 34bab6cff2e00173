<script lang="ts">
  import BenchDays from '$lib/benchdays/BenchDays.svelte';
  import Preparing from '$lib/benchdays/Preparing.svelte';
</script>

<svelte:head><title>Bench · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Bench</h1>
  <span class="quiet">
    <a class="link" href="/stock">Stock</a> · <a class="link" href="/sums">Sums</a> ·
    <a class="link" href="/tags">Tags</a>
  </span>
</div>

<div class="bench">
  <div class="days"><BenchDays /></div>
  <Preparing />
</div>

<style>
  .bench {
    display: grid;
    grid-template-columns: minmax(0, 5fr) minmax(0, 2fr);
    gap: 16px;
    align-items: start;
  }
  .days {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
  }
  @media (max-width: 900px) {
    .bench {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
