<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import type { Schemas } from '$lib/interface/schemas';
  import { photosOf } from '$lib/api/queries';
  import { timeline, type Moment } from './timeline';
  import { takeBack } from '$lib/shell/toaster';
  import { partial, short } from '$lib/words/dates';
  import { plain } from '$lib/words/sentence';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    plant: Schemas['PlantPage'];
  }
  const { plant }: Props = $props();
  const client = useQueryClient();

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
            {#if line.standing === 'HOLDS'}
              <p>
                <Sentence parts={line.words} {today} />{line.pottedOn
                  ? `, potted ${partial(line.pottedOn)}`
                  : ''}
              </p>
            {:else}
              <p><del><Sentence parts={line.words} {today} /></del></p>
            {/if}
            {#if line.note}<p class="note">{line.note}</p>{/if}
            {#if line.standing === 'CORRECTED'}
              <p class="quiet">
                corrected on {short(
                  correctedBy.get(line.act)?.recordedOn ?? line.recordedOn,
                  today,
                )}
              </p>
            {:else if line.standing === 'TAKEN_BACK'}
              <p class="quiet">taken back</p>
            {:else}
              {#if line.corrects}<p class="quiet">a correction</p>{/if}
              <p class="acts">
                {#if line.kind === 'INSPECTION' || line.kind === 'POTTING'}
                  {@const look = line.kind === 'INSPECTION'}
                  <a
                    class="link"
                    href="/plants/{plant.id}/{look ? 'inspect' : 'repot'}?corrects={line.act}"
                    aria-label="Correct the {look ? 'inspection' : 'potting'} of {short(
                      line.on,
                      today,
                    )}">Correct</a
                  >
                {/if}
                {#if line.canTakeBack && !line.cameIn}
                  <button
                    class="link"
                    aria-label="Take back: {plain(line.words, today)}"
                    onclick={() => takeBack(client, line.act)}>Take back</button
                  >
                {/if}
              </p>
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
  del {
    color: var(--color-ink-2);
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
  .note {
    font-style: italic;
  }
  .acts {
    display: flex;
    gap: 12px;
    font-size: 13.5px;
  }
</style>
