<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { movesOf, photosOf } from '$lib/api/queries';
  import { timeline, type Moment } from './timeline';
  import { short } from '$lib/words/dates';
  import LineOfJournal from './LineOfJournal.svelte';

  interface Props {
    plant: Schemas['PlantPage'];
  }
  const { plant }: Props = $props();

  const today = $derived(plant.today);
  const correctedBy = $derived(
    new Map(
      plant.journal
        .filter((line) => line.corrects && line.standing !== 'TAKEN_BACK')
        .map((line) => [line.corrects, line]),
    ),
  );
  const KINDS = [
    { kind: '', words: 'all' },
    { kind: 'INSPECTION', words: 'looks' },
    { kind: 'POTTING', words: 'pottings' },
    { kind: 'CHECK', words: 'checks' },
    { kind: 'CARD', words: 'card' },
    { kind: 'PHOTO', words: 'pictures' },
  ];
  const FEW = 6;
  let kind = $state('');
  let whole = $state(false);
  const photos = photosOf(() => plant.id);
  const moves = movesOf(() => plant.id);
  const cameOf = $derived(
    new Map(moves.data?.moves.map(({ on, outcomeWords }) => [on, outcomeWords])),
  );
  const moments = $derived(timeline(plant.journal, photos.data ?? []));
  const shown = $derived(moments.filter((moment) => is(moment, kind)));

  function is(moment: Moment, wanted: string): boolean {
    if (wanted === 'PHOTO') return moment.photos.length > 0;
    return !wanted || moment.line?.kind === wanted;
  }
</script>

<section class="sheet" aria-labelledby="journal">
  <h2 id="journal">Journal</h2>
  <div class="kinds" role="group" aria-label="Which lines">
    {#each KINDS as each (each.kind)}
      {#if moments.some((moment) => is(moment, each.kind))}
        <button
          type="button"
          class="kind"
          aria-pressed={kind === each.kind}
          onclick={() => (kind = each.kind)}>{each.words}</button
        >
      {/if}
    {/each}
  </div>
  <ol>
    {#each whole ? shown : shown.slice(0, FEW) as { key, on, line, photos } (key)}
      <li>
        <span class="quiet">{short(on, today)}</span>
        <div>
          {#if photos.length}
            <p class="pictures">
              {#each photos as photo (photo.id)}
                <a href="/plants/{plant.id}/photos?photo={photo.id}">
                  <img
                    src="/api/photos/{photo.id}?small=true"
                    alt="Picture of {short(photo.takenOn, today)}"
                    loading="lazy"
                  />
                </a>
              {/each}
            </p>
          {/if}
          {#if !line}
            <span class="sr-only">Photographed</span>
          {:else}
            <LineOfJournal
              {line}
              plantId={plant.id}
              {today}
              corrected={correctedBy.get(line.act)?.recordedOn ?? line.recordedOn}
            />
            {#if line.kind === 'POTTING' && line.standing === 'HOLDS' && cameOf.has(on)}
              <p class="quiet">What came of it: <b>{cameOf.get(on)}</b></p>
            {/if}
          {/if}
        </div>
      </li>
    {/each}
  </ol>
  {#if !whole && shown.length > FEW}
    <button type="button" class="link" onclick={() => (whole = true)}
      >{shown.length - FEW} older lines</button
    >
  {/if}
</section>

<style>
  .kinds {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
    margin-top: 4px;
  }
  .kind {
    min-height: 32px;
    padding: 0 10px;
    border: 1px solid var(--color-rule);
    border-radius: 999px;
    background: none;
    color: var(--color-ink);
    font: 13px var(--font-sans);
    cursor: pointer;
  }
  .kind[aria-pressed='true'] {
    background: var(--color-ink);
    color: var(--color-leaf);
  }
  ol {
    margin: 8px 0 0;
  }
  li {
    display: grid;
    grid-template-columns: 62px minmax(0, 1fr);
    gap: 10px;
    padding: 6px 0;
    font-size: 14.5px;
  }
  li:not(:last-child) {
    border-bottom: 1px solid var(--color-rule);
  }
  .pictures {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    margin-bottom: 4px;
  }
  .pictures img {
    display: block;
    width: 72px;
    height: 54px;
    object-fit: cover;
    border-radius: 6px;
  }
</style>
