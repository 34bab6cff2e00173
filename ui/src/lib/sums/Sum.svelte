<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Problem } from '$lib/api/client';
  import { toaster } from '$lib/shell/toaster';

  interface Props {
    title: string;
    formula: string;
    /** What can hurt with what is mixed. */
    caution?: string;
    /** What comes of it, in words. */
    answer: string | undefined;
    problem: Problem | undefined;
    children: Snippet;
  }
  const { title, formula, caution, answer, problem, children }: Props = $props();
  const id = $props.id();

  async function copy() {
    await navigator.clipboard.writeText(answer ?? '');
    toaster.success({ title: 'Copied', duration: 3000 });
  }
</script>

<section class="sheet" aria-labelledby={id}>
  <h2 {id}>{title}</h2>
  <p class="quiet">{formula}</p>
  {#if caution}<p class="caution">{caution}</p>{/if}
  <div class="entries">{@render children()}</div>
  <p class="answer" aria-live="polite">
    {#if answer}
      <b>{answer}</b>
      <button type="button" class="link" onclick={copy}>Copy</button>
    {:else if problem && !problem.faults.length}
      <span class="fault">{problem.message}</span>
    {/if}
  </p>
</section>

<style>
  .caution {
    margin: 6px 0 10px;
    padding: 8px 12px;
    border-radius: 8px;
    background: var(--color-ochre-wash);
    font-size: 14.5px;
  }
  .entries {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
    gap: 14px;
    align-items: start;
    margin-top: 8px;
  }
  .answer {
    min-height: 32px;
    margin: 14px 0 0;
    font-size: 18px;
  }
</style>
