<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import { byTheWay } from './day';

  interface Props {
    turns: Schemas['TurnLine'][];
    jobs: Schemas['SmallJobLine'][];
    well: Schemas['WentWell'][];
    over: Schemas['CourseOver'][];
    ripe: Schemas['TrialRipe'][];
    today: string;
  }
  const { turns, jobs, well, over, ripe, today }: Props = $props();
  const MOST = 4;
  const small = $derived(byTheWay(jobs));
  const names = $derived([...new Set(well.map(({ name }) => name))]);
</script>

<div class="aside">
  <section class="sheet" aria-labelledby="windows">
    <h2 id="windows">Windows this week</h2>
    {#if turns.length}
      <ul>
        {#each turns.slice(0, MOST) as { plantId, name, turn, on } (plantId)}
          <li>
            <b class={turn.toLowerCase()}>{turn.toLowerCase()}</b>
            <a href="/plants/{plantId}">{name}</a>
            <span class="quiet">{short(on, today)}</span>
          </li>
        {/each}
      </ul>
      {#if turns.length > MOST}<p class="quiet">and {turns.length - MOST} more</p>{/if}
    {:else}
      <p class="quiet">None opens or closes.</p>
    {/if}
  </section>
  <section class="sheet" aria-labelledby="small">
    <h2 id="small">By the way</h2>
    {#if small.length}
      <ul>
        {#each small.slice(0, 3) as { words, plants } (words)}
          <li class="job"><span>{words}</span> <span class="quiet">{plants}</span></li>
        {/each}
      </ul>
      <a class="link" href="/small-jobs">{count(jobs.length, 'small job')}</a>
    {:else}
      <p class="quiet">No small job is open.</p>
    {/if}
  </section>
  {#if over.length}
    <section class="sheet well" aria-labelledby="over">
      <h2 id="over">Clean again</h2>
      <p>
        {over.map(({ name }) => name).join(', ')}: treated and clean often enough.
        <a class="link" href="/treatments">End the course</a>{over.some(({ freed }) => freed)
          ? ', and it goes back to the others.'
          : '.'}
      </p>
    </section>
  {/if}
  {#if ripe.length}
    <section class="sheet well" aria-labelledby="ripe">
      <h2 id="ripe">What came of it?</h2>
      <ul>
        {#each ripe as { uid, name } (uid)}
          <li><a class="link" href="/trials/{uid}">{name}</a> may be judged.</li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if names.length}
    <section class="sheet well" aria-labelledby="well">
      <h2 id="well">Went well</h2>
      <p>
        {names.slice(0, 2).join(' and ')}{names.length > 2 ? ` and ${names.length - 2} more` : ''}:
        as hoped after the move.
      </p>
    </section>
  {/if}
</div>

<style>
  .aside {
    display: grid;
    gap: 12px;
    align-content: start;
  }
  section {
    padding: 12px 16px;
  }
  h2 {
    margin: 0 0 4px;
    font-size: 18px;
  }
  li a {
    color: var(--color-ink);
    text-underline-offset: 3px;
  }
  li {
    display: grid;
    grid-template-columns: 52px minmax(0, 1fr) auto;
    gap: 8px;
    align-items: center;
    padding: 3px 0;
    font-size: 14.5px;
  }
  .job {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .job span:first-child {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .opens {
    color: var(--color-moss);
  }
  .closes {
    color: var(--color-clay);
  }
  p {
    margin: 0;
    font-size: 14.5px;
  }
  .well {
    background: var(--color-moss-wash);
  }
  @media (max-width: 700px) {
    li a {
      display: inline-flex;
      align-items: center;
      min-height: 44px;
    }
  }
</style>
