<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { ago, daysBetween } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';
  import type { AtPlant } from './atPlant.svelte';
  import AskedHere from './AskedHere.svelte';
  import RoundRow from './RoundRow.svelte';

  interface Props {
    here: AtPlant;
    stop: Schemas['Stop'];
    today: string;
    /** Its turn, as in "3 of 12". */
    turn: string;
  }
  const { here, stop, today, turn }: Props = $props();
  const rows: Record<string, RoundRow> = $state({});
  const would = $derived(here.trying.answer);

  /** Answers a row by its number. */
  export function pick(item: string, answer: string) {
    rows[item]?.pick(answer);
  }
</script>

<section class="sheet rows" aria-labelledby="plant">
  <div class="head">
    <h1 id="plant">{stop.name}</h1>
    <span class="quiet">
      {stop.number} · {stop.placeName} · {turn} ·
      {stop.lastSeen && today
        ? `last seen ${ago(daysBetween(stop.lastSeen, today))}; dashed = as then`
        : 'not looked at yet'}
    </span>
  </div>
  <AskedHere {here} />
  {#each here.shown as choice, i (choice.item)}
    <RoundRow
      {choice}
      last={here.last(choice.item)}
      old={here.grownOld(choice.item)}
      current={i === here.row}
      tapped={() => here.tapped(choice.title)}
      bind:this={rows[choice.item]}
      bind:look={() => here.look(choice.item), (value) => here.set(choice.item, value)}
    />
  {/each}
  {#if here.oldBesides.length}
    <p class="quiet">Grown old besides: {here.oldBesides.join(', ').toLowerCase()}.</p>
  {/if}
  <p class="said" aria-live="polite">
    {#if here.trying.problem}<span class="fault">{here.trying.problem.message}</span>
    {:else if would?.words.length}“<Sentence
        parts={would.words}
        today={would.slip.judgedOn}
      />.”{/if}
  </p>
</section>

<style>
  .rows {
    padding: 14px 18px;
  }
  .head h1 {
    font-size: 26px;
    overflow-wrap: anywhere;
  }
  .said {
    min-height: 52px;
    margin: 12px 0 0;
    font: 480 17px/1.45 var(--font-serif);
  }
  .fault {
    font-family: var(--font-sans);
  }
</style>
