<script lang="ts">
  import { optional } from '$lib/words/numbers';
  import { untrack } from 'svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { faultOf } from '$lib/forms/faults';
  import LookRow from '$lib/looks/LookRow.svelte';
  import { entriesOf, typedLook, type TypedLook } from '$lib/looks/looks';
  import { sentMix, typedMix } from '$lib/forms/mix';
  import { sentPot, typedPot } from '$lib/forms/pot';
  import TextArea from '$lib/forms/TextArea.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import type { AtBench } from './atBench.svelte';
  import FillStep from './FillStep.svelte';
  import PartStep from './PartStep.svelte';
  import PotStep from './PotStep.svelte';
  import TallyPad from './TallyPad.svelte';

  interface Props {
    bench: AtBench;
    plant: Schemas['PlantPage'];
    choices: Schemas['Choices'];
  }
  const { bench, plant, choices }: Props = $props();
  const task = $derived(bench.step.task);
  const shown = $derived(choices.looks.filter(({ item }) => bench.job.looks.includes(item)));

  const begun = untrack(() => bench.told);
  let looks = $state<Record<string, TypedLook>>(
    Object.fromEntries(
      untrack(() => bench.job.looks).map((item) => {
        const unit = untrack(() => choices).looks.find((look) => look.item === item)?.measure?.unit;
        return [item, typedLook(begun.looks[item], unit)];
      }),
    ),
  );
  let pot = $state(
    typedPot(begun.pot ? { ...begun.pot, pot: begun.pot.type } : untrack(() => plant).potting),
  );
  let mix = $state(typedMix(begun.mix.length ? begun.mix : untrack(() => plant).potting.mix));
  let minutes = $state(begun.minutes == null ? '' : String(begun.minutes));
  let well = $state(begun.well);
  let badly = $state(begun.badly);

  const sent = $derived({
    looks: entriesOf(looks, choices.looks) as Schemas['JobTold']['looks'],
    pot: sentPot(pot, bench.told.pot ?? plant.potting),
    mix: sentMix(mix),
    minutes: optional(minutes),
    well,
    badly,
  });
  let before = untrack(() => JSON.stringify(sent));
  $effect(() => {
    const now = JSON.stringify(sent);
    if (now === before) return;
    before = now;
    untrack(() => bench.tell(JSON.parse(now) as Partial<Schemas['JobTold']>));
  });
</script>

{#if task === 'TALLY'}
  <TallyPad {bench} {choices} />
{:else if task === 'LOOK'}
  {#each shown as choice (choice.item)}
    <LookRow
      {choice}
      fault={faultOf(bench.problem, `looks.${choice.item}`)}
      bind:look={looks[choice.item]!}
    />
  {/each}
{:else if task === 'PART'}
  <PartStep {bench} {choices} />
{:else if task === 'POT'}
  <PotStep {bench} {plant} {choices} bind:pot />
{:else if task === 'FILL'}
  <FillStep {bench} {choices} bind:mix />
  <button type="button" class="act tall" onclick={() => bench.fillAgain()}
    >It does not sit right: begin the fill again</button
  >
{:else if task === 'TELL'}
  <div class="told">
    <TextArea label="What went well" fault={faultOf(bench.problem, 'well')} bind:value={well} />
    <TextArea label="What did not" fault={faultOf(bench.problem, 'badly')} bind:value={badly} />
    <TextField
      label="Minutes"
      hint="Measured since it was begun, unless you say"
      inputmode="numeric"
      fault={faultOf(bench.problem, 'minutes')}
      bind:value={minutes}
    />
  </div>
{/if}

<style>
  .told {
    display: grid;
    gap: 16px;
  }
  .tall {
    margin-top: 14px;
  }
</style>
