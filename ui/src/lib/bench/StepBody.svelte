<script lang="ts">
  import { optional } from '$lib/words/numbers';
  import { untrack } from 'svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { faultOf } from '$lib/forms/faults';
  import LookRow from '$lib/looks/LookRow.svelte';
  import { entriesOf, typedLook, type TypedLook } from '$lib/looks/looks';
  import { sentMix, typedMix } from '$lib/forms/mix';
  import { sentPot, typedPot } from '$lib/forms/pot';
  import type { AtBench } from './atBench.svelte';
  import FillStep from './FillStep.svelte';
  import LetGoStep from './LetGoStep.svelte';
  import PartStep from './PartStep.svelte';
  import PotStep from './PotStep.svelte';
  import TallyPad from './TallyPad.svelte';
  import TellStep from './TellStep.svelte';

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
  let on = $state(begun.on ?? '');
  let minutes = $state(begun.minutes == null ? '' : String(begun.minutes));
  let well = $state(begun.well);
  let badly = $state(begun.badly);

  const sent = $derived({
    looks: entriesOf(looks, choices.looks) as Schemas['JobTold']['looks'],
    pot: sentPot(pot, bench.told.pot ?? plant.potting),
    mix: sentMix(mix),
    on: on.trim() || null,
    minutes: optional(minutes),
    well,
    badly,
  });
  let before = untrack(() => texts(sent));
  $effect(() => {
    const now = texts(sent);
    const told = Object.keys(now).filter((key) => now[key] !== before[key]);
    before = now;
    if (!told.length) return;
    const more = Object.fromEntries(told.map((key) => [key, JSON.parse(now[key]!)]));
    untrack(() => bench.tell(more as Partial<Schemas['JobTold']>));
  });

  /** Only what was changed is told: a pot that nobody chose is not chosen. */
  function texts(all: object): Record<string, string> {
    return Object.fromEntries(
      Object.entries(all).map(([key, value]) => [key, JSON.stringify(value ?? null)]),
    );
  }
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
  {@render look('rot', 'The cut face: green-white is clean')}
{:else if task === 'CUT'}
  {@render look('rot', 'The cut face: green-white is clean')}
{:else if task === 'POT'}
  <PotStep {bench} {plant} {choices} bind:pot />
{:else if task === 'FILL'}
  <FillStep {bench} {choices} bind:mix />
  <button type="button" class="act tall" onclick={() => bench.fillAgain()}
    >It does not sit right: begin the fill again</button
  >
{:else if task === 'LET_GO'}
  <LetGoStep {bench} {choices} />
{:else if task === 'TELL'}
  <TellStep {bench} {choices} bind:on bind:minutes bind:well bind:badly />
{/if}

{#if task !== 'LOOK' && task !== 'TELL'}
  <details class="broke" open={Boolean(bench.told.looks.breakage)}>
    <summary>Something broke, or came off</summary>
    {@render look('breakage')}
  </details>
{/if}

{#snippet look(item: string, said?: string)}
  {@const choice = shown.find((each) => each.item === item)}
  {#if choice}
    {#if said}<p class="quiet face">{said}</p>{/if}
    <LookRow {choice} fault={faultOf(bench.problem, `looks.${item}`)} bind:look={looks[item]!} />
  {/if}
{/snippet}

<style>
  .face {
    margin: 14px 0 0;
  }
  .broke {
    margin-top: 10px;
  }
  .broke summary {
    display: flex;
    align-items: center;
    min-height: 44px;
    color: var(--color-plum);
  }
  .tall {
    margin-top: 14px;
  }
</style>
