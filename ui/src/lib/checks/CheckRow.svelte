<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, type Schemas } from '$lib/api/client';
  import { failed, saved } from '$lib/shell/toaster';
  import { short, span } from '$lib/words/dates';

  interface Props {
    check: Schemas['CheckView'];
    today: string;
    plantId: number;
    /** Whose check it is, where that is not plain from the page. */
    of?: { label: string; placeName: string };
  }
  const { check, today, plantId, of }: Props = $props();
  const client = useQueryClient();
  let busy = $state(false);

  type Answer = Schemas['Answered']['answer'];
  const AFTER_A_MOVE: { answer: Answer; words: string }[] = [
    { answer: 'AS_HOPED', words: 'As hoped' },
    { answer: 'NOT_AS_HOPED', words: 'Not as hoped' },
    { answer: 'CANNOT_TELL', words: 'Cannot tell' },
  ];
  const LOOK: { answer: Answer; words: string }[] = [{ answer: 'AS_HOPED', words: 'Nothing new' }];
  const soak = $derived(check.purpose === 'SOAK');
  const byInspection = $derived(
    check.purpose === 'AS_JUDGED' || check.purpose === 'FIRST_LOOK' || check.purpose === 'APART',
  );
  const answers = $derived(check.byLooking ? [] : byInspection ? LOOK : AFTER_A_MOVE);

  /** A look at a plant that is kept apart, with nothing found. */
  async function clean() {
    busy = true;
    try {
      const result = await answered(
        api.POST('/api/plants/{id}/inspections', {
          params: { path: { id: plantId } },
          body: {
            on: today,
            looks: { pests: { answers: ['NONE'], measured: null } },
            note: '',
            corrects: null,
          },
        }),
      );
      saved(client, 'Looked over, nothing found', result);
    } catch (problem) {
      failed(problem);
    } finally {
      busy = false;
    }
  }

  async function answer(found: Answer, words: string) {
    busy = true;
    try {
      const result = await answered(
        api.POST('/api/plants/{id}/checks/{check}/answer', {
          params: { path: { id: plantId, check: check.id } },
          body: { answer: found },
        }),
      );
      const next = result.plant.checks[0];
      saved(
        client,
        next
          ? `${check.title} ${words.toLowerCase()}. Next: ${short(next.best, today)}`
          : `${check.title} ${words.toLowerCase()}`,
        result,
      );
    } catch (problem) {
      failed(problem);
    } finally {
      busy = false;
    }
  }
</script>

<li class={check.urgency.toLowerCase()}>
  <div class="what">
    {#if of}
      <a href="/plants/{plantId}"><b>{of.label}</b></a>
      <span class="quiet">{of.placeName}</span>
    {/if}
    <p><b>{check.title}</b> <span class="quiet">{check.lookFor}</span></p>
  </div>
  <p class="when">
    {span(check.early, check.late, today)}
    {#if check.urgency === 'OVERDUE'}<span class="flag late">overdue</span>{/if}
    {#if check.urgency === 'DUE'}<span class="flag">due</span>{/if}
  </p>
  <div class="answers" role="group" aria-label="{check.title} How is it?">
    {#if byInspection}
      <a class="act small" href="/plants/{plantId}/inspect">Inspect</a>
    {/if}
    {#if soak}
      <a class="act small" href="/plants/{plantId}/hold">Soak</a>
    {/if}
    {#if check.purpose === 'APART'}
      <button class="act small" disabled={busy} onclick={clean}>Nothing found</button>
    {/if}
    {#each answers as { answer: found, words } (found)}
      <button class="act small" disabled={busy} onclick={() => answer(found, words)}>{words}</button
      >
    {/each}
  </div>
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
  .answers .act {
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
  @media (max-width: 700px) {
    .what > .quiet {
      display: block;
      margin-top: -10px;
    }
  }
  @media (max-width: 900px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    .answers {
      grid-column: 1 / -1;
    }
  }
</style>
