<script lang="ts">
  import { openJobs } from '$lib/api/queries';
  import { clock, ring } from './timers.svelte';
  import { left } from './waits';

  const jobs = openJobs();
  const timers = $derived(
    (jobs.data ?? []).flatMap((job) => job.timers.map((timer) => ({ ...timer, job }))),
  );
  const rung: Record<string, boolean> = {};
  const WORDS: Record<string, string> = { SOAK: 'soaking' };

  $effect(() => (timers.length ? clock.run() : undefined));
  $effect(() => {
    for (const { rings, job, task } of timers) {
      const key = `${job.uid} ${task} ${rings}`;
      if (left(rings, clock.now) || rung[key]) continue;
      rung[key] = true;
      ring();
    }
  });
</script>

{#if timers.length}
  <ul aria-label="Timers">
    {#each timers as { job, task, rings, name } (job.uid + task + rings + name)}
      {@const time = left(rings, clock.now)}
      <li class:over={!time}>
        <a href="/jobs/{job.uid}"
          >{job.name}, {name ?? WORDS[task] ?? task.toLowerCase()}: <b>{time ?? 'time is up'}</b></a
        >
      </li>
    {/each}
  </ul>
{/if}

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 10px;
    padding: 8px 20px 0;
  }
  li {
    border-radius: 999px;
    background: var(--color-slate-wash);
  }
  li.over {
    background: var(--color-clay-wash);
  }
  a {
    display: inline-flex;
    align-items: center;
    gap: 4px;
    min-height: 44px;
    padding: 0 16px;
    color: var(--color-ink);
    text-decoration: none;
  }
</style>
