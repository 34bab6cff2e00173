<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import HowToLook from '$lib/guide/HowToLook.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import type { AtPlant } from './atPlant.svelte';

  interface Props {
    deciding: Schemas['Decider'];
    choice: Schemas['LookChoice'];
    here: AtPlant;
  }
  const { deciding, choice, here }: Props = $props();

  function tap(answer: string) {
    here.tapped(deciding.title);
    here.set(deciding.item, { answers: [answer], measured: '' });
  }
</script>

<section class="sheet" aria-label="The deciding look">
  <b>One look would settle it</b>
  <HowToLook item={deciding.item} title={deciding.title} />
  <p><Sentence parts={deciding.words} today={here.slip?.judgedOn ?? ''} /></p>
  <div class="quick">
    {#each choice.answers as each (each.answer)}
      <button type="button" class="act small" onclick={() => tap(each.answer)}>{each.words}</button>
    {/each}
  </div>
</section>

<style>
  .quick {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-top: 8px;
  }
  .quick .act {
    min-height: 44px;
  }
</style>
