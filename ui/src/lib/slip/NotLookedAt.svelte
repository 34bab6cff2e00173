<script lang="ts">
  import HowToLook from '$lib/guide/HowToLook.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';

  interface Props {
    slip: Schemas['Slip'];
    /** The titles of things to look at, by item. */
    titles: Record<string, string>;
    inspectHref: string;
  }
  const { slip, titles, inspectHref }: Props = $props();
</script>

{#snippet looks(heading: string, items: string[])}
  {#if items.length}
    <p><b>{heading}</b></p>
    <ul class="looks">
      {#each items as item (item)}
        <li>
          {titles[item] ?? item}<HowToLook {item} title={titles[item] ?? item} />
        </li>
      {/each}
    </ul>
  {/if}
{/snippet}

{#if slip.stale.length || slip.notLookedAt.length}
  <details class="part">
    <summary>
      {count(slip.notLookedAt.length, 'thing')} not looked at{slip.stale.length
        ? `, ${slip.stale.length} too long ago`
        : ''}
    </summary>
    {@render looks('Too long ago', slip.stale)}
    {@render looks('Not looked at', slip.notLookedAt)}
    <a class="link" href={inspectHref}>Look now</a>
  </details>
{/if}

<style>
  .looks {
    display: flex;
    flex-wrap: wrap;
    gap: 0 10px;
  }
  .looks li {
    display: inline-flex;
    align-items: center;
    min-height: 36px;
  }
  .looks :global(button) {
    margin: 0 -6px;
  }
  summary {
    min-height: 28px;
  }
</style>
