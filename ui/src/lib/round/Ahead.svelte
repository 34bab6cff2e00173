<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { roundsAhead, sitePage } from '$lib/api/queries';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import Waiting from '$lib/forms/Waiting.svelte';
  import WalkingDays from './WalkingDays.svelte';
  import { weekday } from './weekdays';
  import { why } from './why';

  interface Props {
    busy: boolean;
    walk: (title: string, plants: number[]) => void;
  }
  const { busy, walk }: Props = $props();

  const ahead = roundsAhead();
  const site = sitePage();
  const today = $derived(site.data?.today ?? '');
  const day = (each: string) => `${weekday(each)} ${short(each, today)}`;

  const plantsOf = (round: Schemas['RoundAhead']) => [
    ...new Set(round.looks.map(({ plantId }) => plantId)),
  ];
</script>

<section class="sheet" aria-labelledby="ahead">
  <h2 id="ahead">Rounds ahead</h2>
  <Waiting query={ahead}>
    {#if ahead.data}
      {#if ahead.data.left.length}
        <p role="status">
          For {count(ahead.data.left.length, 'look')} there is no day: you are away for more than a year.
        </p>
      {/if}
      {#if ahead.data.rounds.length}
        <p class="quiet">The fewest walks that catch every look of the next six weeks in time.</p>
        <ol>
          {#each ahead.data.rounds as round (round.day)}
            <li>
              <div class="head">
                <b>{round.day === today ? 'Today' : day(round.day)}</b>
                <span>{count(round.looks.length, 'look')}</span>
                <button
                  type="button"
                  class="act small"
                  aria-label="Walk the round of {day(round.day)}"
                  disabled={busy}
                  onclick={() => walk(`The round of ${day(round.day)}`, plantsOf(round))}
                  >Walk it</button
                >
              </div>
              <p class="quiet">{why(round, today)}.</p>
              <details>
                <summary>What is looked at</summary>
                <ul>
                  {#each round.looks as look (`${look.plantId} ${look.title}`)}
                    <li>
                      <a class="link" href="/plants/{look.plantId}">{look.name}</a>
                      <span
                        >{look.title}{look.caught === 'OVERDUE'
                          ? `, missed since ${short(look.late, today)}`
                          : ''}</span
                      >
                      <span class="quiet">{look.placeName}</span>
                    </li>
                  {/each}
                </ul>
              </details>
            </li>
          {/each}
        </ol>
      {:else if !ahead.data.left.length}
        <p class="quiet">Nothing has to be looked at in the next six weeks.</p>
      {/if}
      <WalkingDays days={ahead.data.days} />
    {/if}
  </Waiting>
</section>

<style>
  section {
    display: grid;
    gap: 8px;
    max-width: 900px;
    margin-top: 16px;
  }
  h2,
  p {
    margin: 0;
  }
  ol > li {
    padding: 8px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 16px;
    align-items: center;
  }
  .head b {
    min-width: 130px;
  }
  .head button {
    margin-left: auto;
  }
  summary {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
  ul li {
    display: flex;
    flex-wrap: wrap;
    gap: 0 14px;
    align-items: center;
    padding: 2px 0;
  }
</style>
