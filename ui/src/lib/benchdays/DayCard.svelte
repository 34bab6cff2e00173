<script lang="ts">
  import { number } from '$lib/words/numbers';
  import type { Snippet } from 'svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import TextField from '$lib/forms/TextField.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { long } from '$lib/words/dates';
  import DayStrip from './DayStrip.svelte';
  import { roomSaid } from './roomSaid';

  interface Props {
    day: Schemas['DayPlanned'];
    today: string;
    busy: boolean;
    /** What is said of minutes that cannot be. */
    fault?: string;
    change: (minutes: number) => void;
    remove: () => void;
    children: Snippet;
  }
  const { day, today, busy, fault, change, remove, children }: Props = $props();

  let minutes = $derived(String(day.minutes));
</script>

<section class="sheet" aria-label="Bench day {long(day.on)}">
  <div class="head">
    <h2>{long(day.on)}</h2>
    <span class="quiet">{roomSaid(day)}</span>
    {#if day.jobs.length}<a class="link" href="/bench/{day.on}">prepare it</a>{/if}
  </div>
  <DayStrip {day} />
  {#if day.tooMuch}
    <p class="much" role="status"><Sentence parts={day.tooMuch} {today} /></p>
  {/if}
  {@render children()}
  {#if !day.jobs.length}
    <p class="quiet">Nothing needs this day so far.</p>
  {/if}
  <details>
    <summary>Another time, or no bench</summary>
    <form
      novalidate
      onsubmit={(event) => {
        event.preventDefault();
        change(number(minutes));
      }}
    >
      <TextField label="Minutes" inputmode="numeric" {fault} bind:value={minutes} />
      <button class="act" disabled={busy}>Change</button>
      <button type="button" class="act" disabled={busy} onclick={remove}
        >No bench on this day</button
      >
    </form>
  </details>
</section>

<style>
  section {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 8px;
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 14px;
    align-items: baseline;
  }
  h2,
  p {
    margin: 0;
    padding: 0;
  }
  .much {
    padding: 8px 12px;
    border-radius: 8px;
    background: var(--color-clay-wash);
  }
  summary {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    color: var(--color-ink-2);
  }
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: end;
  }
</style>
