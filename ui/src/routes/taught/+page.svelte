<script lang="ts">
  import { sitePage, taughtPage } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import Asked from '$lib/taught/Asked.svelte';
  import AtThisHouse from '$lib/taught/AtThisHouse.svelte';
  import ByKind from '$lib/taught/ByKind.svelte';
  import Differs from '$lib/taught/Differs.svelte';
  import Foretold from '$lib/taught/Foretold.svelte';
  import HalfBy from '$lib/taught/HalfBy.svelte';
  import Lives from '$lib/taught/Lives.svelte';
  import Speeds from '$lib/taught/Speeds.svelte';
  import TipsBroken from '$lib/taught/TipsBroken.svelte';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';

  const query = taughtPage();
  const site = sitePage();
  const today = $derived(site.data?.today ?? '');
  const page = $derived(query.data);
  const differing = $derived(
    (page?.lives ?? []).filter((life) => life.proposed != null || life.own != null),
  );
</script>

<svelte:head><title>What it taught · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>What it taught</h1>
  {#if page}
    <span class="quiet">
      {#if page.moves && page.since}
        {count(page.moves, 'move')} since {short(page.since, today)}: {page.counted
          .map(({ count: many, words }) => `${many} ${words}`)
          .join(', ')}
      {:else}
        nothing was moved here yet
      {/if}
    </span>
  {/if}
  <a class="link" href="/trainer">Learn from it: the trainer</a>
  <a class="link" href="/trials">Trials</a>
</div>

<Waiting {query}>
  {#if page}
    <div class="columns">
      <div class="main">
        <section class="sheet" aria-labelledby="hold">
          <h2 id="hold">Took hold within 100 days</h2>
          {#if page.questions.length}
            <p class="quiet">
              The bar is where the truth lies in nine cases of ten; the tick is what the almanac
              assumes. A ball that stayed whole counts under what was done alone.
            </p>
            {#each page.questions as question (question.question)}
              <Asked {question} />
            {/each}
            {#if page.byKind.length > 1}<ByKind rules={page.byKind} />{/if}
          {:else}
            <p>
              Each repot, division and rescue is counted here by what came of it. The first says
              something after about 100 days.
            </p>
          {/if}
        </section>
        {#if page.lives.length}<Lives lives={page.lives} />{/if}
        {#if page.dried.length || page.took || page.nubs.cases}
          <AtThisHouse
            dried={page.dried}
            took={page.took}
            nubs={page.nubs}
            nubsAssumed={page.nubsAssumed}
          />
        {/if}
        {#if page.broken.length}<TipsBroken broken={page.broken} />{/if}
        {#if page.speeds.length}<Speeds speeds={page.speeds} />{/if}
      </div>
      <div class="side">
        {#each differing as life (life.figure)}<Differs {life} />{/each}
        {#if page.moves}<HalfBy tips={page.tips} holds={page.holds} />{/if}
        {#if page.foretold.length}<Foretold foretold={page.foretold} {today} />{/if}
        {#if page.unseen.length}
          <section class="sheet" aria-labelledby="unseen">
            <h2 id="unseen">Nobody looked</h2>
            <p class="quiet">Of these moves nobody knows what came of them.</p>
            <ul>
              {#each page.unseen as { plantId, name, on } (`${plantId} ${on}`)}
                <li>
                  <a class="link" href="/plants/{plantId}">{name}</a>
                  <span class="quiet">{short(on, today)}</span>
                </li>
              {/each}
            </ul>
          </section>
        {/if}
      </div>
    </div>
  {/if}
</Waiting>

<style>
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 300px;
    gap: 16px;
    align-items: start;
  }
  .main,
  .side {
    display: grid;
    gap: 16px;
    min-width: 0;
  }
  h2,
  p {
    margin: 0;
  }
  @media (max-width: 1000px) {
    .columns {
      grid-template-columns: minmax(0, 1fr);
    }
    .side {
      order: -1;
    }
  }
</style>
