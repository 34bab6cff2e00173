<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';
  import HowToLook from '$lib/guide/HowToLook.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { points } from './reasons';

  interface Props {
    reason: Schemas['ReasonLine'];
    today: string;
    /** Pictures of the plant, so that those of the day of the look can be shown. */
    photos?: Schemas['Photo'][];
  }
  const { reason, today, photos = [] }: Props = $props();
  const pictures = $derived(
    reason.look ? photos.filter((photo) => photo.takenOn === reason.look!.on).slice(0, 2) : [],
  );
  const opens = $derived(Boolean(reason.ruleSays || reason.look));
</script>

{#snippet line()}
  <span class="side {reason.side === 'FOR' ? 'for' : 'against'}"
    ><span aria-hidden="true">{reason.side === 'FOR' ? '+' : '−'}</span><span class="sr-only"
      >{reason.side === 'FOR' ? 'For a move: ' : 'Against a move: '}</span
    ></span
  >
  <span><Sentence parts={reason.sentence} {today} /></span>
  <span class="points">{points(reason)}</span>
{/snippet}

<li>
  {#if opens}
    <details>
      <summary>{@render line()}</summary>
      <div class="more">
        {#if reason.ruleSays}
          <p>
            {reason.ruleSays}.
            {#if reason.rule}<a class="link" href="/rules#{reason.rule}">Its figure</a>{/if}
          </p>
        {/if}
        {#if reason.look}
          <p class="quiet">
            {reason.look.title}, seen {short(reason.look.on, today)}
            <HowToLook item={reason.look.item} title={reason.look.title} />
          </p>
          {#each pictures as photo (photo.id)}
            <img src="/api/photos/{photo.id}?small=true" alt={photo.caption || 'As it was seen'} />
          {/each}
        {/if}
      </div>
    </details>
  {:else}
    <div class="line">{@render line()}</div>
  {/if}
</li>

<style>
  li {
    font-size: 14.5px;
  }
  summary,
  .line {
    display: grid;
    grid-template-columns: 18px 1fr auto;
    gap: 8px;
    padding: 4px 0;
    min-height: 28px;
  }
  summary::-webkit-details-marker {
    display: none;
  }
  summary:hover {
    background: var(--color-leaf);
  }
  .side {
    font-weight: 700;
    text-align: center;
  }
  .for {
    color: var(--color-plum);
  }
  .against {
    color: var(--color-slate);
  }
  .points {
    color: var(--color-ink-2);
    font-size: 13px;
    white-space: nowrap;
  }
  .more {
    margin: 0 0 8px 26px;
    padding-left: 10px;
    border-left: 2px solid var(--color-rule);
  }
  .more p {
    margin: 2px 0;
  }
  img {
    width: 132px;
    border-radius: 4px;
    margin: 4px 6px 0 0;
  }
</style>
