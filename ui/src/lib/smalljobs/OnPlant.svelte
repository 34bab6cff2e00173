<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { smallJobsOf } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import { saved } from '$lib/shell/toaster';
  import Sentence from '$lib/words/Sentence.svelte';
  import { type Job, keyOf, ticked } from './jobs';

  interface Props {
    plantId: number;
    today: string;
  }
  const { plantId, today }: Props = $props();
  const client = useQueryClient();
  const jobs = smallJobsOf(() => plantId);
  const saving = new Saving();

  async function done(job: Job) {
    const result = await saving.save((headers) =>
      answered(api.POST('/api/small-jobs/done', { headers, body: ticked([job]) })),
    );
    if (result) saved(client, 'Small job done', result);
  }
</script>

{#if jobs.data?.length}
  <section class="sheet" aria-labelledby="small-jobs">
    <h2 id="small-jobs">Small jobs</h2>
    <FormFault sentence={saving.problem?.message} />
    <ul>
      {#each jobs.data as job (keyOf(job))}
        <li>
          <span>
            <Sentence parts={job.words} {today} />
            {#if job.carry.length}<span class="quiet">Take {job.carry.join(', ')}.</span>{/if}
          </span>
          <button class="act small" disabled={saving.busy} onclick={() => done(job)}>Done</button>
        </li>
      {/each}
    </ul>
  </section>
{/if}

<style>
  h2 {
    margin: 0 0 4px;
  }
  li {
    display: flex;
    gap: 12px;
    align-items: center;
    justify-content: space-between;
    padding: 6px 0;
    border-top: 1px solid var(--color-rule);
  }
  .act {
    flex: none;
    min-height: 44px;
  }
  @media print {
    .act {
      display: none;
    }
  }
</style>
