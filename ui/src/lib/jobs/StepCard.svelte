<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { sendPhoto } from '$lib/photos/send';
  import { failed, toaster } from '$lib/shell/toaster';
  import type { AtBench, Task } from './atBench.svelte';
  import StepBody from './StepBody.svelte';

  interface Props {
    bench: AtBench;
    plant: Schemas['PlantPage'];
    choices: Schemas['Choices'];
  }
  const { bench, plant, choices }: Props = $props();
  const step = $derived(bench.step);
  const runs = $derived(bench.told.timers.some((each) => each.task === step.task));

  /** Where a picture says more than words. */
  const PICTURED: Task[] = ['PHOTOGRAPH', 'LOOK', 'TALLY', 'CUT', 'PART', 'TELL'];

  /** A picture says at which step it was taken, so that a find is found again by it. */
  async function photograph(files: FileList | null) {
    for (const file of files ?? []) {
      try {
        await sendPhoto(plant.id, file, { caption: `At the bench: ${step.title.toLowerCase()}` });
        toaster.success({ title: 'Picture kept', duration: 4000 });
      } catch (failure) {
        failed(failure);
      }
    }
  }
</script>

<section class="sheet step" aria-labelledby="step">
  <p class="quiet turn">Step {bench.at + 1} of {bench.steps.length}</p>
  <h2 id="step" tabindex="-1">{step.title}</h2>
  <p class="what">{step.what}</p>
  <p class="why">{step.why}</p>
  {#if step.caution}<p class="caution"><b>Mind.</b> {step.caution}</p>{/if}
  {#if step.atHand.length}<p class="hand"><b>At hand:</b> {step.atHand.join(', ')}</p>{/if}
  {#if step.minutes != null}
    <button
      type="button"
      class="act tall"
      onclick={() => (runs ? bench.stopWaiting(step.task) : bench.wait(step.task, step.minutes!))}
      >{runs ? 'Stop the timer' : `Start ${step.minutes} minutes`}</button
    >
  {/if}
  {#if step.task === 'DRESS' || step.task === 'TREAT'}
    <p><a class="link" href="/sums">How much of it and how much water</a></p>
  {/if}
  {#if PICTURED.includes(step.task)}
    <label class="act tall">
      Photograph
      <input
        type="file"
        accept="image/*"
        capture="environment"
        class="sr-only"
        onchange={(event) => photograph(event.currentTarget.files)}
      />
    </label>
  {/if}
  <StepBody {bench} {plant} {choices} />
</section>

<style>
  .step {
    padding: 20px 24px 24px;
  }
  .turn {
    margin: 0;
  }
  .step h2 {
    font-size: 34px;
    outline: none;
  }
  .what {
    margin: 8px 0 6px;
    font: 480 26px/1.3 var(--font-serif);
  }
  .why {
    margin: 0 0 12px;
    font-size: 18px;
    color: var(--color-ink-2);
  }
  .caution {
    margin: 0 0 12px;
    padding: 10px 14px;
    border-radius: 10px;
    background: var(--color-ochre-wash);
    font-size: 17px;
  }
  .hand {
    margin: 0 0 14px;
    font-size: 17px;
  }
  .tall {
    margin: 0 8px 14px 0;
  }
  .step :global(.pick span),
  .step :global(.length),
  .step :global(.select) {
    --least: 56px;
    min-height: var(--least);
  }
  @media (max-width: 700px) {
    .step {
      padding: 14px 16px 18px;
    }
    .step h2 {
      font-size: 28px;
    }
    .what {
      font-size: 22px;
    }
  }
</style>
