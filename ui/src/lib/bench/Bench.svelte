<script lang="ts">
  import { tick } from 'svelte';
  import { goto } from '$app/navigation';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { askAgain, changed, KEYS } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { plantPage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import { shortcut } from '$lib/forms/shortcut.svelte';
  import { saved } from '$lib/shell/toaster';
  import Waiting from '$lib/forms/Waiting.svelte';
  import type { AtBench } from './atBench.svelte';
  import BenchFault from './BenchFault.svelte';
  import GiveUp from './GiveUp.svelte';
  import JobHead from './JobHead.svelte';
  import JobRail from './JobRail.svelte';
  import OtherWays from './OtherWays.svelte';
  import StepCard from './StepCard.svelte';
  import Turns from './Turns.svelte';

  interface Props {
    bench: AtBench;
    choices: Schemas['Choices'];
    /** Begins with what the program has, after it went on elsewhere. */
    again: () => void;
  }
  const { bench, choices, again }: Props = $props();
  const client = useQueryClient();
  const plant = plantPage(() => bench.job.plantId);
  const saving = new Saving();
  const problem = $derived(saving.problem ?? bench.problem);
  /** What answers the keys Enter and space by itself. */
  const PRESSED = 'button, a, summary, [role=button]';

  // Timers are shown on every page.
  const timers = $derived(JSON.stringify(bench.job.told.timers));
  $effect(() => {
    if (timers) void changed(client, 'jobs');
  });

  /** What could not be kept is sent again by itself once the program may be back. */
  const AGAIN_AFTER = 5000;
  $effect(() => {
    if (!bench.problem?.passing) return;
    const timer = setTimeout(() => bench.tell({}), AGAIN_AFTER);
    return () => clearTimeout(timer);
  });

  async function turn(how: () => void) {
    how();
    await tick();
    document.getElementById('step')?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }

  async function done() {
    if (!bench.last) return turn(() => bench.done());
    bench.done();
    const job = await bench.settled();
    if (!job) return;
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/jobs/{uid}/finish', {
          params: { path: { uid: job.uid }, query: { version: job.version } },
          headers,
        }),
      ),
    );
    if (!result) return;
    bench.leave();
    const parted = result.plants.length > 1;
    saved(
      client,
      parted
        ? `The job is in the journal; ${result.plants.length} plants are there now.`
        : 'The job is in the journal.',
      result,
    );
    if (job.batch) await goto(`/batches/${job.batch}`);
    else if (parted) await goto(`/tags?plant=${result.plants.join(',')}`);
    else await goto(`/plants/${job.plantId}`);
  }

  async function reload() {
    bench.leave();
    await askAgain(client, KEYS.job(bench.job.uid));
    again();
  }

  function keys(event: KeyboardEvent) {
    if (event.target instanceof Element && event.target.matches(PRESSED)) return;
    const key = shortcut(event);
    if (key === 'Enter') void done();
    else if (key === 's' && !bench.last) void turn(() => bench.skip());
    else if (key === 'Backspace') void turn(() => bench.go(bench.at - 1));
  }
</script>

<svelte:window onkeydown={keys} />

<JobHead job={bench.job} />

<div class="bench">
  <aside class="rail"><JobRail {bench} /></aside>
  <div class="work">
    <Waiting query={plant}>
      {#if plant.data}
        {#key bench.job.uid}<StepCard {bench} plant={plant.data} {choices} />{/key}
      {/if}
    </Waiting>
    <BenchFault {bench} {problem} reload={() => void reload()} />
    <p class="quiet kept" aria-live="polite">
      {bench.waiting ? 'Not kept yet' : 'Kept'}
    </p>
    <Turns {bench} busy={saving.busy} {turn} {done} />
    <OtherWays {bench} />
    <GiveUp {bench} />
  </div>
</div>

<style>
  .bench {
    display: grid;
    grid-template-columns: 232px minmax(0, 1fr);
    gap: 18px;
    align-items: start;
  }
  .kept {
    margin: 8px 0 0;
  }
  @media (max-width: 900px) {
    .bench {
      grid-template-columns: minmax(0, 1fr);
      gap: 10px;
    }
  }
  /* At arm's length the step comes first. */
  @media (max-width: 700px) {
    .bench {
      gap: 4px;
    }
  }
</style>
