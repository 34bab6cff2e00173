<script lang="ts">
  import type { Job } from './atBench.svelte';

  const { job }: { job: Job } = $props();
</script>

<div class="page-head job">
  <h1>{job.name}</h1>
  <span class="quiet">
    <span class="method">{job.number} · {job.method}</span>
    <a class="link" href="/plants/{job.plantId}">Its page; the job stays open</a>
  </span>
</div>

<style>
  @media (max-width: 700px) {
    .job {
      display: block;
      margin-bottom: 0;
    }
    .job h1 {
      overflow: hidden;
      padding-bottom: 4px;
      font-size: 20px;
      text-overflow: ellipsis;
      white-space: nowrap;
    }
    .job .method {
      display: none;
    }
  }
</style>
