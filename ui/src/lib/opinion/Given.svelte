<script lang="ts">
  import { fieldGuide } from '$lib/api/queries';
  import TextArea from '$lib/forms/TextArea.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { caseKeys } from '$lib/trainer/caseKeys';
  import PlantAsked from '$lib/trainer/PlantAsked.svelte';
  import Say from '$lib/trainer/Say.svelte';
  import type { OpinionInHand } from './opinion.svelte';

  interface Props {
    hand: OpinionInHand;
    today: string;
  }
  const { hand, today }: Props = $props();
  const guide = fieldGuide();
  const plant = $derived(hand.asked.plant!);
  const file = $derived(
    hand.answer &&
      URL.createObjectURL(
        new Blob([JSON.stringify(hand.answer, null, 2)], { type: 'application/json' }),
      ),
  );
  $effect(() => {
    const made = file;
    return () => {
      if (made) URL.revokeObjectURL(made);
    };
  });
</script>

<svelte:window onkeydown={(event) => caseKeys(event, hand, () => {})} />

<PlantAsked {plant} roots={guide.data?.roots} again={false} whose="Somebody asks you" {today} />
<section class="sheet" aria-label="Your opinion">
  <Say {hand} {plant}>
    <TextArea label="Why, in your own words" bind:value={hand.says} />
    <div class="few">
      <TextField label="Who you are" hint="May stay empty" bind:value={hand.from} />
    </div>
  </Say>
  {#if hand.answer && file}
    <p role="status">
      Your opinion is a file now; send it back to whoever asked.
      <a class="act" href={file} download="{plant.name}, an opinion.json">Save the file</a>
    </p>
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 10px;
    margin-top: 16px;
  }
  p {
    margin: 0;
  }
</style>
