<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { saidOf, type Decisions, type Reading } from './broughtIn';

  interface Props {
    places: Schemas['Place'][];
    reading: Reading;
    said: Decisions;
    say: (change: Partial<Decisions>) => Promise<void>;
  }
  const { places, reading, said, say }: Props = $props();

  /** The places that would be made. */
  const made = $derived([
    ...new Set(
      reading.places.flatMap(({ words, placeId, name }) =>
        [placeId ? '' : name, words].filter((each) => each.trim()),
      ),
    ),
  ]);
  const NEW = 'new ';

  function choose(words: string, value: string) {
    const ours = places.find(({ id }) => String(id) === value);
    void say({
      places: saidOf(said.places, {
        words,
        placeId: ours?.id ?? null,
        name: ours?.name ?? value.slice(NEW.length),
      }),
    });
  }
</script>

<section class="sheet" aria-labelledby="places">
  <h2 id="places">Places</h2>
  <ul>
    {#each reading.places as each (each.words)}
      <li>
        <span>
          <b>{each.words || 'none given'}</b>
          <span class="quiet"
            >{count(each.rows, 'plant')}{each.sure || !each.words ? '' : ', a guess'}</span
          >
        </span>
        <select
          class="select"
          aria-label="Place of {each.words || 'plants without a place'}"
          value={each.placeId ? String(each.placeId) : NEW + each.name}
          onchange={(event) => choose(each.words, event.currentTarget.value)}
        >
          {#each places as place (place.id)}
            <option value={String(place.id)}>{place.name}</option>
          {/each}
          {#each made as name (name)}
            <option value={NEW + name}>{name}, made new</option>
          {/each}
        </select>
      </li>
    {/each}
  </ul>
</section>

<style>
  h2 {
    margin: 0;
  }
  ul {
    margin: 6px 0 0;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 12px;
    align-items: center;
    padding: 5px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  li > span {
    overflow-wrap: anywhere;
  }
  .quiet {
    margin-left: 4px;
    font-size: 14px;
  }
</style>
