<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { page } from '$app/state';
  import { answered, api } from '$lib/api/client';
  import { KEYS } from '$lib/api/keys';
  import { photosOf, sitePage } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { partial } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';

  const id = $derived(Number(page.params.id));
  const site = sitePage();
  const today = $derived(site.data?.today ?? '');
  const query = createQuery(() => ({
    queryKey: KEYS.papers(id),
    queryFn: () => answered(api.GET('/api/plants/{id}/papers', { params: { path: { id } } })),
  }));
  const papers = $derived(query.data);
  const photos = photosOf(() => id);
</script>

<svelte:head><title>Papers of {papers?.title ?? 'a plant'} · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if papers}
    <div class="page-head no-print">
      <span class="quiet">What goes with the plant when it leaves.</span>
      <button type="button" class="act small" onclick={() => window.print()}>Print</button>
      <a class="act small" href="/api/plants/{id}/passport" download
        >As a file for another collection</a
      >
      <a class="act small" href="/api/plants/{id}/question" download>To ask for an opinion</a>
      <a class="act small" href="/api/plants/{id}/papers.md" download>As plain text</a>
      <a class="link" href="/plants/{id}">Its page</a>
    </div>
    <article class="sheet">
      <h1>{papers.title}</h1>
      {#each papers.chapters as chapter, i (i)}
        <h2>{chapter.heading}</h2>
        <ul>
          {#each chapter.lines as line, turn (turn)}
            <li>
              {#if line.on}<time datetime={line.on}>{partial(line.on)}</time>{/if}
              <span>
                <Sentence parts={line.words} {today} />
                {#if line.note}<span class="quiet">{line.note}</span>{/if}
              </span>
            </li>
          {/each}
        </ul>
      {/each}
      {#if photos.data?.length}
        <h2>Photographs</h2>
        <div class="photos">
          {#each photos.data as photo (photo.id)}
            <figure>
              <img
                src="/api/photos/{photo.id}"
                width={photo.width}
                height={photo.height}
                alt={photo.caption || 'Without a caption'}
              />
              <figcaption>
                {partial(photo.takenOn)}{photo.caption ? `, ${photo.caption}` : ''}
              </figcaption>
            </figure>
          {/each}
        </div>
      {/if}
      <p class="quiet">
        Wild-collected or protected plants, and plants that cross a border, need papers of another
        kind: ask the authority.
      </p>
    </article>
  {/if}
</Waiting>

<style>
  article {
    max-width: 820px;
  }
  article h2 {
    margin-top: 18px;
  }
  ul {
    margin: 6px 0 0;
  }
  li {
    display: grid;
    grid-template-columns: 110px minmax(0, 1fr);
    gap: 10px;
    padding: 4px 0;
    border-bottom: 1px solid var(--color-rule);
    break-inside: avoid;
  }
  li > span:only-child {
    grid-column: 1 / -1;
  }
  .photos {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(240px, 100%), 1fr));
    gap: 14px;
    margin-top: 8px;
  }
  figure {
    margin: 0;
    break-inside: avoid;
  }
  img {
    display: block;
    width: 100%;
    height: auto;
    border-radius: 8px;
  }
  figcaption {
    padding-top: 4px;
    font-size: 14px;
  }
  time {
    color: var(--color-ink-2);
  }
</style>
