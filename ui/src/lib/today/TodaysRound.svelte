<script lang="ts">
  import { goto } from '$app/navigation';
  import type { Schemas } from '$lib/interface/schemas';
  import { beginRound } from '$lib/round/beginRound';
  import { why } from '$lib/round/why';
  import { count } from '$lib/words/counts';
  import { long } from '$lib/words/dates';
  import { timeSaid } from '$lib/words/minutes';
  import RoundPath from './RoundPath.svelte';

  interface Props {
    /** The next round, if there is any. */
    round?: Schemas['RoundAhead'];
    /** How many looks are due or overdue. */
    due: number;
    today: string;
  }
  const { round, due, today }: Props = $props();
  let busy = $state(false);
  const now = $derived(round?.day === today);
  const plants = $derived([...new Set(round?.looks.map(({ plantId }) => plantId))]);
  const places = $derived([...new Set(round?.looks.map(({ placeName }) => placeName))]);

  async function walk() {
    busy = true;
    if (await beginRound('Today’s round', { plant: plants })) await goto('/round');
    busy = false;
  }
</script>

<section class="sheet" aria-labelledby="round">
  <h2 id="round">{now || !round ? 'Today’s round' : `Next round, ${long(round.day)}`}</h2>
  {#if round}
    <p>
      <b>{count(plants.length, 'plant')}, about {timeSaid(round.minutes)}</b>: {places
        .slice(0, 3)
        .join(', then ')}{places.length > 3
        ? ` and ${count(places.length - 3, 'more place')}`
        : ''}.
    </p>
    <RoundPath looks={round.looks} />
    <p class="quiet">{why(round, today)}.</p>
    <div class="acts">
      {#if now}<button class="act go" disabled={busy} onclick={walk}>Walk it</button>{/if}
      <a class="act" href="/round">All rounds</a>
      <a class="act" href="/checks">{due ? `${count(due, 'look')} due` : 'The looks ahead'}</a>
    </div>
  {:else}
    <p class="quiet">Nothing has to be looked at in the next six weeks.</p>
    <div class="acts"><a class="act" href="/checks">The looks ahead</a></div>
  {/if}
</section>

<style>
  section {
    display: flex;
    flex-direction: column;
    gap: 8px;
  }
  p,
  h2 {
    margin: 0;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: auto;
  }
</style>
