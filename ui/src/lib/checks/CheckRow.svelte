<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Saving } from '$lib/api/saving.svelte';
  import { failed, saved } from '$lib/shell/toaster';
  import { short, span } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';
  import PutOff from './PutOff.svelte';

  interface Props {
    check: Schemas['CheckView'];
    today: string;
    plantId: number;
    /** Whose check it is, where that is not plain from the page. */
    of?: { label: string; placeName: string };
  }
  const { check, today, plantId, of }: Props = $props();
  const client = useQueryClient();
  const saving = new Saving();
  let puttingOff = $state(false);

  async function answer(tick: Schemas['Tick']) {
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/plants/{id}/checks/{check}/answer', {
          params: { path: { id: plantId, check: check.id } },
          headers,
          body: { answer: tick.answer },
        }),
      ),
    );
    if (!result) {
      failed(saving.problem);
      return;
    }
    const next = result.plant.checks[0];
    const said = `${check.title} ${tick.words.toLowerCase()}`;
    saved(client, next ? `${said}. Next: ${short(next.best, today)}` : said, result);
  }
</script>

<li class={check.urgency.toLowerCase()}>
  <div class="what">
    {#if of}
      <a href="/plants/{plantId}"><b>{of.label}</b></a>
      <span class="quiet">{of.placeName}</span>
    {/if}
    <p><b>{check.title}</b> <span class="quiet">{check.lookFor}</span></p>
    {#if check.putOff}
      <p class="quiet">Put off: {check.putOff}</p>
    {:else if check.why}
      <p class="quiet"><Sentence parts={check.why} {today} /></p>
    {/if}
  </div>
  <p class="when">
    {span(check.early, check.late, today)}
    {#if check.urgency === 'OVERDUE'}<span class="flag late">overdue</span>{/if}
    {#if check.urgency === 'DUE'}<span class="flag">due</span>{/if}
  </p>
  <div class="answers" role="group" aria-label="{check.title} How is it?">
    {#if check.byLooking}
      <a class="act small" href="/plants/{plantId}/inspect">Inspect</a>
    {/if}
    {#if check.purpose === 'SOAK'}
      <a class="act small" href="/plants/{plantId}/hold">Soak</a>
    {/if}
    {#each check.ticks as tick (tick.answer)}
      <button class="act small" disabled={saving.busy} onclick={() => answer(tick)}
        >{tick.words}</button
      >
    {/each}
    <button
      class="link"
      aria-expanded={puttingOff}
      aria-label="Not now: {check.title}"
      onclick={() => (puttingOff = !puttingOff)}>not now</button
    >
  </div>
  {#if puttingOff}
    <PutOff {check} {today} {plantId} close={() => (puttingOff = false)} />
  {/if}
</li>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 134px auto;
    gap: 4px 16px;
    align-items: center;
    padding: 10px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  li:last-child {
    border-bottom: 0;
  }
  .what a {
    color: var(--color-ink);
    text-underline-offset: 3px;
  }
  .when {
    font-size: 14.5px;
  }
  .answers {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .answers .act,
  .answers .link {
    min-height: 44px;
  }
  .flag {
    display: inline-block;
    padding: 0 8px;
    border-radius: 999px;
    font-size: 13px;
    background: var(--color-plum-wash);
    color: var(--color-plum);
  }
  .flag.late {
    background: var(--color-clay-wash);
    color: var(--color-clay);
  }
  @media (max-width: 900px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    .answers {
      grid-column: 1 / -1;
    }
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
    .what > .quiet {
      display: block;
      margin-top: -10px;
    }
  }
</style>
