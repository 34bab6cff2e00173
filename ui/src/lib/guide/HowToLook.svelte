<script lang="ts">
  import { asked } from './asked.svelte';

  interface Props {
    /** What is looked at, on whichever lead. */
    item: string;
    title: string;
    /** Whether the key "?" asks as well, so that nobody has to step over it. */
    byKey?: boolean;
  }
  const { item, title, byKey = false }: Props = $props();
</script>

<button
  type="button"
  tabindex={byKey ? -1 : undefined}
  aria-label="How to look: {title}"
  onclick={() => (asked.item = item.split('/')[0]!)}><span aria-hidden="true">?</span></button
>

<style>
  button {
    display: inline-grid;
    place-items: center;
    flex: none;
    width: 44px;
    height: 44px;
    margin: -10px 0;
    border: 0;
    background: none;
    cursor: pointer;
  }
  span {
    width: 24px;
    height: 24px;
    border: 1.5px solid var(--color-edge);
    border-radius: 50%;
    color: var(--color-ink-2);
    font: 600 14px/21px var(--font-sans);
    text-align: center;
  }
  button:hover span {
    border-color: var(--color-plum);
    color: var(--color-plum);
  }
</style>
