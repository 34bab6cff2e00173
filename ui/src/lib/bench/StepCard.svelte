<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import type { AtBench, Task } from './atBench.svelte';
  import Photograph from '$lib/photos/Photograph.svelte';
  import StepBody from './StepBody.svelte';
  import StepTimers from './StepTimers.svelte';

  interface Props {
    bench: AtBench;
    plant: Schemas['PlantPage'];
    choices: Schemas['Choices'];
  }
  const { bench, plant, choices }: Props = $props();
  const step = $derived(bench.step);

  /** Where something is drawn, counted or measured, the words leave it the room. */
  const WITH_TOOLS: Task[] = ['LOOK', 'TALLY', 'PART', 'POT', 'FILL'];
  /** Where a picture says more than words. */
  const PICTURED: Task[] = ['PHOTOGRAPH', 'LOOK', 'TALLY', 'CUT', 'PART', 'TELL'];
</script>

<section class="sheet step" class:tool={WITH_TOOLS.includes(step.task)} aria-labelledby="step">
  <p class="quiet turn">Step {bench.at + 1} of {bench.steps.length}</p>
  <h2 id="step" tabindex="-1">{step.title}</h2>
  <p class="what">{step.what}</p>
  <p class="why">{step.why}</p>
  <div class="besides">
    {#if step.caution}<p class="caution"><b>Mind.</b> {step.caution}</p>{/if}
    {#if step.atHand.length}<p class="hand"><b>At hand:</b> {step.atHand.join(', ')}</p>{/if}
    {#if step.task === 'DRESS' || step.task === 'TREAT'}
      <p><a class="link" href="/sums">How much of it and how much water</a></p>
    {/if}
    {#if PICTURED.includes(step.task)}
      <Photograph plantId={plant.id} caption="At the bench: {step.title.toLowerCase()}" tall />
    {/if}
    {#key step.task}<StepTimers {bench} />{/key}
  </div>
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
  .besides {
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
    align-items: center;
  }
  .besides > :global(*) {
    flex: none;
    max-width: 100%;
  }
  .caution {
    flex: 1 1 100%;
  }
  .besides :global(.tall) {
    margin: 0 0 14px;
  }
  .tool h2 {
    font-size: 24px;
  }
  .tool .what {
    margin: 2px 0;
    font-size: 20px;
  }
  .tool .why {
    margin: 0 0 8px;
    font-size: 16px;
  }
  .tool .caution {
    flex: 1 1 420px;
    font-size: 15px;
  }
  .tool :global(.tall) {
    --least: 56px;
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
    .turn,
    .tool .why {
      display: none;
    }
    .tool h2 {
      font-size: 22px;
    }
    .tool .what {
      font-size: 17px;
    }
    .besides :global(.tall) {
      margin-bottom: 8px;
    }
  }
</style>
