<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    slip: Schemas['Slip'];
    today: string;
    /** What was tapped before the verdict became another one. */
    changedBy?: string;
  }
  const { slip, today, changedBy }: Props = $props();
</script>

<section class="slip" aria-labelledby="asitstands" aria-live="polite">
  <p class="quiet" id="asitstands">as it stands</p>
  <h2><VerdictMark verdict={slip.verdict} size={24} /> {slip.title}</h2>
  <p><Sentence parts={slip.advice} {today} /></p>
  {#if changedBy !== undefined}
    <p class="changed"><b>Changed</b> since you tapped “{changedBy}”.</p>
  {/if}
  {#if slip.care.length}<p class="care">{slip.care[0]}</p>{/if}
</section>

<style>
  .slip {
    background: var(--color-slip);
    border: 1px solid var(--color-rule);
    border-radius: 4px;
    padding: 14px 18px;
    box-shadow: 0 10px 24px -18px #0007;
  }
  h2 {
    display: flex;
    gap: 10px;
    align-items: center;
    margin-bottom: 6px;
  }
  .changed {
    margin-top: 6px;
    color: var(--color-plum);
    font-size: 14px;
  }
  .care {
    margin-top: 6px;
    color: var(--color-slate);
    font-weight: 600;
    font-size: 14px;
  }
  @media (max-width: 700px) {
    .slip {
      order: -1;
      padding: 10px 14px;
    }
    h2 {
      font-size: 20px;
    }
  }
</style>
