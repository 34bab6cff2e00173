<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { SvelteSet } from 'svelte/reactivity';
  import { answered, api } from '$lib/api/client';
  import { sitePage, smallJobs } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { saved } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';
  import Sentence from '$lib/words/Sentence.svelte';
  import { byPlace, carried, type Job, keyOf, ticked } from './jobs';

  const client = useQueryClient();
  const jobs = smallJobs();
  const site = sitePage();
  const saving = new Saving();
  const marked = new SvelteSet<string>();
  const today = $derived(site.data?.today ?? '');
  const places = $derived(byPlace(jobs.data ?? []));
  const things = $derived(carried(jobs.data ?? []));
  const chosen = $derived((jobs.data ?? []).filter((job) => marked.has(keyOf(job))));

  function tick(job: Job) {
    const key = keyOf(job);
    if (!marked.delete(key)) marked.add(key);
  }

  function all(of: Job[]) {
    const every = of.every((job) => marked.has(keyOf(job)));
    for (const job of of)
      if (every) marked.delete(keyOf(job));
      else marked.add(keyOf(job));
  }

  async function done() {
    const body = ticked(chosen);
    const result = await saving.save((headers) =>
      answered(api.POST('/api/small-jobs/done', { headers, body })),
    );
    if (!result) return;
    saved(client, count(body.done.length, 'small job') + ' done', result);
    marked.clear();
  }
</script>

<Waiting query={jobs}>
  <FormHead problem={saving.problem} fields={[]} />
  {#if jobs.data?.length}
    {#if things.length}
      <p class="carry">
        <b>Take along:</b>
        {things.map(({ thing, times }) => (times > 1 ? `${thing} (${times})` : thing)).join(', ')}.
      </p>
    {/if}
    {#each places as { place, jobs: here } (place)}
      <section class="sheet" aria-label={place}>
        <div class="head">
          <h2>{place}</h2>
          {#if here.length > 1}
            <button type="button" class="link" onclick={() => all(here)}>all of them</button>
          {/if}
        </div>
        <ul>
          {#each here as job (keyOf(job))}
            <li>
              <label>
                <input
                  class="checkbox"
                  type="checkbox"
                  checked={marked.has(keyOf(job))}
                  onchange={() => tick(job)}
                />
                <span>
                  <b>{job.name}</b>
                  <Sentence parts={job.words} {today} />
                </span>
              </label>
              <a class="link" href="/plants/{job.plantId}" aria-label="Page of {job.name}">page</a>
            </li>
          {/each}
        </ul>
      </section>
    {/each}
    <div class="bar">
      <button class="act go" disabled={saving.busy || !chosen.length} onclick={done}>
        {chosen.length ? `Done: ${count(chosen.length, 'job')}` : 'Tick what is done'}
      </button>
    </div>
  {:else}
    <p class="sheet">
      Nothing small is to be done. What a slip names without unpotting stands here.
    </p>
  {/if}
</Waiting>

<style>
  .carry {
    margin: 0;
    padding: 10px 14px;
    border-radius: 10px;
    background: var(--color-moss-wash);
  }
  .head {
    display: flex;
    gap: 14px;
    align-items: center;
  }
  h2 {
    margin: 0;
  }
  li {
    display: flex;
    gap: 10px;
    align-items: center;
    border-bottom: 1px solid var(--color-rule);
  }
  label {
    display: flex;
    flex: 1;
    gap: 12px;
    align-items: center;
    min-height: 48px;
    padding: 4px 0;
    cursor: pointer;
  }
  label b {
    display: block;
  }
  .bar {
    position: sticky;
    bottom: 0;
    padding: 10px 0;
    background: var(--color-paper);
  }
</style>
