<script lang="ts">
  import { page } from '$app/state';
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { askAgain, KEYS } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { placeList, sitePage } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { failed, saved } from '$lib/shell/toaster';
  import TagCard from '$lib/card/TagCard.svelte';
  import { ofAll } from '$lib/trials/halves';
  import { short } from '$lib/words/dates';

  const client = useQueryClient();
  const site = sitePage();
  const places = placeList();
  const query = createQuery(() => ({
    queryKey: KEYS.tags,
    queryFn: () => answered(api.GET('/api/tags')),
  }));
  const today = $derived(site.data?.today ?? '');

  let place = $state('');
  let which = $state('all');
  /** One plant, or those that were parted from one another just now. */
  const asked = $derived(page.url.searchParams.get('plant')?.split(',').map(Number));
  const only = $derived(asked?.some(Boolean) ? asked : undefined);
  const tags = $derived(query.data?.tags ?? []);
  const unread = $derived(
    tags.filter((tag) => tag.seen === 'MISSING' || tag.seen === 'UNREADABLE'),
  );
  const shown = $derived(
    only
      ? tags.filter((tag) => only.includes(tag.plantId))
      : (which === 'unread' ? unread : tags).filter(
          (tag) => !place || tag.placeId === Number(place),
        ),
  );

  async function right(together: Schemas['Together']) {
    try {
      const done = await answered(
        api.POST('/api/tags/checked', {
          body: { plants: together.plants.map(({ plantId }) => plantId) },
        }),
      );
      saved(client, 'Their tags are right', done);
    } catch (failure) {
      failed(failure);
    }
    void askAgain(client, KEYS.tags);
  }
</script>

<svelte:head><title>Tags · Mellow Almanac</title></svelte:head>

<div class="top no-print">
  <h1>Tags</h1>
  <span class="quiet">Number, name, potting date, mix; the code opens the plant’s page.</span>
  {#if only}
    <a class="link" href="/tags">All tags</a>
    {#if only.length > 1}
      <a class="link" href={ofAll(only)}>Hold one piece against the other</a>
    {/if}
  {:else}
    <select class="select" aria-label="Place" bind:value={place}>
      <option value="">all places</option>
      {#each places.data ?? [] as each (each.id)}
        <option value={String(each.id)}>{each.name}</option>
      {/each}
    </select>
    <select class="select" aria-label="Which tags" bind:value={which}>
      <option value="all">every tag</option>
      <option value="unread">missing or unreadable ({unread.length})</option>
    </select>
  {/if}
  <button class="act go" disabled={!shown.length} onclick={() => window.print()}
    >Print {shown.length}</button
  >
</div>

<Waiting {query}>
  {#each query.data?.together ?? [] as each, i (i)}
    <section class="sheet together no-print">
      <h2>Handled together on {short(each.on, today)}</h2>
      <p>
        Tags are swapped at such a place day. Hold each of these against its plant:
        {each.plants.map((tag) => `${tag.number} ${tag.name}`).join(', ')}.
      </p>
      <button class="act small" onclick={() => right(each)}>All of them are right</button>
    </section>
  {/each}
  {#if shown.length}
    <ul>
      {#each shown as tag (tag.plantId)}
        <li><TagCard {tag} origin={page.url.origin} /></li>
      {/each}
    </ul>
  {:else}
    <p class="quiet no-print">No tag to print.</p>
  {/if}
</Waiting>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 8px 14px;
    margin-bottom: 14px;
  }
  .top .select {
    width: 190px;
  }
  .top .go {
    margin-left: auto;
  }
  .together {
    margin-bottom: 14px;
    background: var(--color-ochre-wash);
    display: grid;
    gap: 8px;
    justify-items: start;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(310px, 1fr));
    gap: 8px;
  }
  li {
    display: grid;
    break-inside: avoid;
    content-visibility: auto;
    contain-intrinsic-size: auto 92px;
  }
  @media print {
    .no-print {
      display: none;
    }
    ul {
      grid-template-columns: repeat(2, 88mm);
      gap: 3mm;
    }
    li {
      content-visibility: visible;
    }
  }
</style>
