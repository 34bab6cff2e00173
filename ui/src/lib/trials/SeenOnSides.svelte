<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { seenOnSides } from './seen';

  interface Props {
    page: Schemas['TrialPage'];
    look: Schemas['TrialLook'];
    today: string;
  }
  /** What was seen last on the plants of either side, and of how many. */
  const { page, look, today }: Props = $props();
  const sides = $derived(seenOnSides(page, look, today));
</script>

<dl>
  {#each sides as { head, seen } (head)}
    <dt>{head}</dt>
    <dd>
      {#each seen as { words, plants } (words)}
        <span>{words}{plants > 1 ? ` × ${plants}` : ''}</span>
      {:else}
        <span class="quiet">not looked at yet</span>
      {/each}
    </dd>
  {/each}
</dl>

<style>
  dl {
    display: grid;
    grid-template-columns: max-content 1fr;
    gap: 4px 14px;
    margin: 0;
  }
  dt {
    color: var(--color-ink-2);
  }
  dd {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    margin: 0;
  }
</style>
