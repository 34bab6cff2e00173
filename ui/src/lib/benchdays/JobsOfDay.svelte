<script lang="ts">
  import type { Snippet } from 'svelte';
  import { dndzone } from 'svelte-dnd-action';
  import type { Schemas } from '$lib/interface/schemas';
  import { dropped, zone } from '$lib/forms/dragged';

  type JobAhead = Schemas['JobAhead'];
  interface Props {
    jobs: JobAhead[];
    busy: boolean;
    /** Grows with every answer to what was laid: they lie then as the program says. */
    answers: number;
    /** A job was let go here. */
    put: (job: JobAhead) => void;
    row: Snippet<[JobAhead]>;
  }
  const { jobs, busy, answers, put, row }: Props = $props();

  const planned = $derived.by(() => {
    void answers;
    return jobs.map((job) => ({ id: job.plantId, job }));
  });
  let lying = $derived(planned);
</script>

<ul
  use:dndzone={zone('job', lying, busy)}
  onconsider={({ detail }) => (lying = detail.items)}
  onfinalize={({ detail }) => {
    lying = detail.items;
    const here = dropped(detail, planned);
    if (here && !planned.some(({ id }) => id === here.item.id)) put(here.item.job);
    else if (here) lying = planned;
  }}
>
  {#each lying as { id, job } (id)}
    <li>{@render row(job)}</li>
  {/each}
</ul>

<style>
  ul {
    /* Room to let one go where none lies yet. */
    min-height: 44px;
    border-radius: 8px;
  }
  ul:global(.open) {
    outline: 1px dashed var(--color-ink-2);
    outline-offset: 3px;
  }
  li {
    border-bottom: 1px solid var(--color-rule);
    background: var(--color-leaf);
    cursor: grab;
  }
</style>
