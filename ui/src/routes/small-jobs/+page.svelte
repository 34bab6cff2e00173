<script lang="ts">
  import Booked from '$lib/smalljobs/Booked.svelte';
  import OwnJob from '$lib/smalljobs/OwnJob.svelte';
  import SmallJobs from '$lib/smalljobs/SmallJobs.svelte';
</script>

<svelte:head><title>Small jobs · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Small jobs</h1>
  <span class="quiet"><a class="link" href="/round">Round</a></span>
</div>

<div class="jobs">
  <SmallJobs />
  <Booked />
  <OwnJob />
</div>

<style>
  .jobs {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 900px;
  }
</style>
