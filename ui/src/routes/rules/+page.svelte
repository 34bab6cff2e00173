<script lang="ts">
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed as followed, KEYS } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { rulesPage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import { Trying } from '$lib/api/trying.svelte';
  import { faultOf } from '$lib/forms/faults';
  import { Changes, found } from '$lib/rules/changes.svelte';
  import Effect from '$lib/rules/Effect.svelte';
  import FindFigure from '$lib/rules/FindFigure.svelte';
  import FigureRow from '$lib/rules/FigureRow.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { toaster } from '$lib/shell/toaster';

  const client = useQueryClient();
  const query = rulesPage();
  const chapters = $derived(query.data ?? []);
  const all = $derived(chapters.flatMap((chapter) => chapter.figures));
  const own = $derived(all.filter((figure) => figure.own != null).length);

  const changes = new Changes();
  const trying = new Trying<Schemas['Effect']>(250);
  const saving = new Saving();
  const problem = $derived(saving.problem ?? trying.problem);
  let sought = $state('');
  let ownOnly = $state(false);
  const shown = $derived(
    found(chapters, sought, (figure) => !ownOnly || figure.own != null || changes.has(figure.key)),
  );

  $effect(() => {
    const values = changes.values(all);
    saving.problem = undefined;
    return trying.ask(
      Object.keys(values).length
        ? () => answered(api.POST('/api/rules/trial', { body: { values } }))
        : undefined,
    );
  });

  async function save() {
    const changed = trying.answer?.changed.length ?? 0;
    const kept = await saving.save((headers) =>
      answered(api.PUT('/api/rules', { headers, body: { values: changes.values(all) } })),
    );
    if (!kept) return;
    client.setQueryData(KEYS.rules, kept);
    changes.leaveAll();
    void followed(client, 'rules');
    toaster.success({ title: `${changed} verdicts changed with the rules`, duration: 6000 });
  }

  const aimed = $derived(decodeURIComponent(page.url.hash.slice(1)));
  $effect(() => {
    if (chapters.length && aimed)
      document.getElementById(aimed)?.scrollIntoView({ block: 'center' });
  });
</script>

<svelte:head><title>Rules · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Rules</h1>
  <span class="quiet">
    {all.length} figures, {own} of your own. Each has its reason; change what you know better.
  </span>
  <a class="link" href="/kinds">Kinds of plants</a>
  <a class="link" href="/guide">Field guide</a>
  <a class="link" href="/sums">Sums</a>
  <a class="link" href="/rules/apart">Where approaches part</a>
  <FindFigure bind:sought bind:ownOnly />
</div>

<Waiting {query}>
  <div class="columns" class:trial={changes.count > 0}>
    <div class="chapters">
      {#each shown as chapter (chapter.key)}
        <details class="sheet" open>
          <summary><h2 id="chapter-{chapter.key}">{chapter.title}</h2></summary>
          <ul>
            {#each chapter.figures as figure (figure.key)}
              <FigureRow
                {figure}
                {changes}
                aimed={figure.key === aimed}
                fault={faultOf(problem, figure.key)}
              />
            {/each}
          </ul>
        </details>
      {:else}
        <p class="quiet">No figure answers to that.</p>
      {/each}
    </div>

    {#if changes.count}
      <Effect
        count={changes.count}
        would={trying.answer}
        {problem}
        fields={all.map((figure) => figure.key)}
        save={() => void save()}
        leave={() => changes.leaveAll()}
      />
    {/if}
  </div>
</Waiting>

<style>
  .page-head {
    align-items: center;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
    align-items: start;
  }
  .columns.trial {
    grid-template-columns: minmax(0, 1fr) 340px;
  }
  .chapters {
    display: grid;
    gap: 16px;
  }
  summary h2 {
    display: inline;
  }
  ul {
    margin: 6px 0 0;
  }
  @media (max-width: 900px) {
    .columns.trial {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
