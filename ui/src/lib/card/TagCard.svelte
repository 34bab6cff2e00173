<script lang="ts">
  import { QrCode } from '@skeletonlabs/skeleton-svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { partial } from '$lib/words/dates';

  interface Props {
    tag: Schemas['TagLine'];
    /** Where the program is open, for the code that leads to the plant. */
    origin: string;
  }
  const { tag, origin }: Props = $props();

  const HUES = ['moss', 'plum', 'ochre', 'slate', 'clay'];
  const hue = $derived(HUES[(tag.letter.charCodeAt(0) - 65) % HUES.length]!);
</script>

<div class="tag" style="--hue: var(--color-{hue})">
  <span class="group">{tag.letter}</span>
  <span class="what">
    <b>{tag.name}</b>
    <span>{tag.number} · potted {partial(tag.pottedOn)}</span>
    <span>{tag.mixWords}</span>
    {#if tag.seen === 'MISSING' || tag.seen === 'UNREADABLE'}
      <span class="seen no-print"
        >{tag.seen === 'MISSING' ? 'missing' : 'unreadable'} when last seen</span
      >
    {/if}
  </span>
  <QrCode value="{origin}/plants/{tag.plantId}" class="code">
    <QrCode.Frame><QrCode.Pattern /></QrCode.Frame>
  </QrCode>
</div>

<style>
  .tag {
    display: grid;
    grid-template-columns: 30px minmax(0, 1fr) 84px;
    align-items: stretch;
    background: #fff;
    color: #221d29;
    border: 1px solid var(--color-rule);
    border-radius: 6px;
    overflow: hidden;
    min-height: 92px;
  }
  .group {
    display: grid;
    place-items: center;
    background: color-mix(in oklab, var(--hue) 22%, #fff);
    border-right: 4px solid var(--hue);
    font: 600 20px var(--font-serif);
  }
  .what {
    display: flex;
    flex-direction: column;
    gap: 1px;
    padding: 8px 10px;
    font-size: 13px;
  }
  .what b {
    font: 560 16px/1.2 var(--font-serif);
  }
  .seen {
    color: #a13e20;
    font-weight: 600;
  }
  .tag :global(.code) {
    padding: 6px;
    background: #fff;
  }
  .tag :global(.code svg) {
    width: 72px;
    height: 72px;
  }
  @media print {
    .no-print {
      display: none;
    }
    .tag {
      min-height: 26mm;
      border-color: #999;
      print-color-adjust: exact;
    }
  }
</style>
