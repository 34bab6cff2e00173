<script lang="ts">
  import FormHead from '$lib/forms/FormHead.svelte';
  import Picture from '$lib/guide/Picture.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { capital } from '$lib/words/units.svelte';
  import type { CaseInHand } from './sitting.svelte';

  interface Props {
    hand: CaseInHand;
    drawing: Schemas['DrawingCase'];
    roots: Schemas['RootLengths'] | undefined;
  }
  const { hand, drawing, roots }: Props = $props();
</script>

<section class="sheet" aria-labelledby="asked">
  <h2 id="asked">{drawing.title}: what is drawn here?</h2>
  {#if roots}
    <div class="drawn"><Picture item={drawing.item} answer={drawing.shown} {roots} /></div>
  {/if}
  <div class="all">
    {#each drawing.names as { answer, words }, i (answer)}
      <button
        type="button"
        class="choice"
        disabled={hand.saving.busy || !!hand.judged}
        onclick={() => hand.name(answer)}
        >{capital(words)} <span class="kbd-hint" aria-hidden="true">{i + 1}</span></button
      >
    {/each}
  </div>
  <FormHead problem={hand.saving.problem} fields={[]} />
</section>

<style>
  h2 {
    margin: 0;
  }
  .drawn {
    width: min(340px, 100%);
    margin: 6px auto 12px;
  }
  .all {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .choice {
    --least: 52px;
    padding: 0 14px;
    font: 600 15px var(--font-sans);
  }
</style>
