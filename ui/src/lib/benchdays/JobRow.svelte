<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { short } from '$lib/words/dates';
  import { timeSaid } from '$lib/words/minutes';
  import { weekday } from '$lib/round/weekdays';

  interface Props {
    job: Schemas['JobAhead'];
    /** The day on which it lies. */
    on?: string;
    days: string[];
    today: string;
    busy: boolean;
    /** Puts it on a day of choice, or where it is best. */
    lay: (on?: string) => void;
  }
  const { job, on, days, today, busy, lay }: Props = $props();

  function key(event: KeyboardEvent) {
    const step = { ArrowUp: -1, ArrowDown: 1 }[event.key];
    if (!step || !event.altKey || busy) return;
    event.preventDefault();
    const to = days[on ? days.indexOf(on) + step : step > 0 ? 0 : days.length - 1];
    if (to) lay(to);
  }
</script>

<div class="job">
  <VerdictMark verdict={job.verdict} size={22} />
  <div class="what">
    <p>
      <a href="/plants/{job.plantId}"><b>{job.name}</b></a>
      <span class="quiet"
        >{job.title}, {timeSaid(job.minutes)}{job.awaits ? `; waits for ${job.awaits}` : ''}</span
      >
    </p>
    <p class="why">
      <Sentence parts={job.why} {today} />
      {#if job.asked}<Sentence parts={job.asked} {today} />{/if}
    </p>
  </div>
  <select
    class="select"
    aria-label="Day for {job.name}"
    title="Alt with the arrows moves it a day up or down"
    disabled={busy || !days.length}
    value={job.pinned ? on : ''}
    onkeydown={key}
    onchange={(event) => lay(event.currentTarget.value || undefined)}
  >
    <option value="">{job.pinned ? 'where it is best' : on ? 'as planned' : 'no day yet'}</option>
    {#each days as day (day)}
      <option value={day}>{weekday(day)} {short(day, today)}</option>
    {/each}
  </select>
</div>

<style>
  .job {
    display: grid;
    grid-template-columns: 24px minmax(0, 1fr) auto;
    gap: 10px;
    align-items: center;
    padding: 7px 0;
  }
  p {
    margin: 0;
  }
  .what a {
    color: var(--color-ink);
    text-underline-offset: 3px;
  }
  .why {
    font-size: 14px;
    color: var(--color-ink-2);
  }
  select {
    width: 150px;
    min-height: 44px;
  }
  @media (max-width: 560px) {
    .job {
      grid-template-columns: 24px minmax(0, 1fr);
    }
    select {
      grid-column: 2;
    }
  }
</style>
