<script lang="ts">
  import { page } from '$app/state';
  import BeginCourse from '$lib/treatments/BeginCourse.svelte';
  import Treatments from '$lib/treatments/Treatments.svelte';

  const first = $derived(page.url.searchParams.getAll('plant').map(Number).filter(Boolean));
</script>

<svelte:head><title>Treatments · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Treatments</h1>
  <span class="quiet"><a class="link" href="/round">Round</a></span>
</div>

<div class="courses">
  {#if first.length}<BeginCourse {first} open />{/if}
  <Treatments />
  {#if !first.length}<BeginCourse {first} open={false} />{/if}
</div>

<style>
  .courses {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 900px;
  }
</style>
