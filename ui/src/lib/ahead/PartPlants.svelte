<script lang="ts">
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { span } from '$lib/words/dates';
  import { timeSaid } from '$lib/words/minutes';
  import { likely, looksSaid, named, type PartAhead, ranged, roomSaid, type Sized } from './parts';

  interface Props {
    part: PartAhead;
    size: Sized;
    moves: Schemas['MoveForeseen'][];
    today: string;
  }
  const { part, size, moves, today }: Props = $props();
  const byId = $derived(new Map(moves.map((move) => [move.plantId, move])));
  const name = $derived(named(part, size));
  const lines = $derived(
    part.plants.flatMap(({ plantId, chance }) => {
      const move = byId.get(plantId);
      return move ? [{ move, chance }] : [];
    }),
  );
</script>

<section class="sheet" aria-labelledby="part">
  <h2 id="part">{name[0]!.toUpperCase() + name.slice(1)}</h2>
  <p>
    {#if lines.length}
      Probably {ranged(part.jobs)}, {timeSaid(Math.round(part.minutes.expected))} of work{roomSaid(
        part,
      )}.
    {:else}
      No move is in sight.
    {/if}
    <span class="quiet">{looksSaid(part)}</span>
  </p>
  <ul>
    {#each lines as { move, chance } (move.plantId)}
      <li>
        <VerdictMark verdict={move.verdict} size={20} />
        <a class="link" href="/plants/{move.plantId}">{move.name}</a>
        <span class="quiet">
          {likely(chance)} · {move.placeName} · {span(move.earliest, move.latest, today)}
        </span>
      </li>
    {/each}
  </ul>
</section>

<style>
  p {
    margin: 4px 0 8px;
  }
  ul {
    max-height: 46vh;
    overflow: auto;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 8px;
    align-items: center;
    padding: 4px 0;
  }
  a {
    min-height: 30px;
    display: inline-flex;
    align-items: center;
  }
</style>
