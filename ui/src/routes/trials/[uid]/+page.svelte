<script lang="ts">
  import { page } from '$app/state';
  import { sitePage, trialPage } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import CloseTrial from '$lib/trials/CloseTrial.svelte';
  import LookSeen from '$lib/trials/LookSeen.svelte';
  import Sides from '$lib/trials/Sides.svelte';
  import Span from '$lib/trials/Span.svelte';

  const query = trialPage(() => page.params.uid ?? '');
  const site = sitePage();
  const today = $derived(site.data?.today ?? '');
  const trial = $derived(query.data?.trial);
</script>

<svelte:head><title>{trial?.name ?? 'A trial'} · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>{trial?.name ?? 'A trial'}</h1>
  {#if trial}<span class="quiet">{trial.tried}, against {trial.against}</span>{/if}
  <a class="link" href="/trials">Trials</a>
</div>

<Waiting {query}>
  {#if query.data && trial}
    <div class="all">
      <section class="sheet" aria-label="How far it is">
        {#if trial.conclusion}<blockquote>{trial.conclusion}</blockquote>{/if}
        <Span page={query.data} {today} />
      </section>
      <section class="sheet" aria-label="Its plants"><Sides page={query.data} {today} /></section>
      <div class="looks">
        {#each query.data.looks as look (look.item)}
          <LookSeen page={query.data} {look} {today} />
        {/each}
      </div>
      {#if trial.state !== 'CLOSED'}<CloseTrial {trial} />{/if}
    </div>
  {/if}
</Waiting>

<style>
  .all {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 14px;
    max-width: 1100px;
  }
  .looks {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(min(360px, 100%), 1fr));
    gap: 14px;
    align-items: start;
  }
  blockquote {
    margin: 0 0 10px;
    padding-left: 12px;
    border-left: 3px solid var(--color-edge);
    font: 520 19px/1.4 var(--font-serif);
  }
</style>
