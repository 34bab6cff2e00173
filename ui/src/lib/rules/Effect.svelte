<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictTurn from '$lib/drawings/VerdictTurn.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';

  interface Props {
    /** How many figures are changed. */
    count: number;
    /** What would follow; nothing while it is worked out. */
    would: Schemas['Effect'] | undefined;
    problem: Problem | undefined;
    /** The figures that show their own faults. */
    fields: string[];
    save: () => void;
    leave: () => void;
  }
  const { count, would, problem, fields, save, leave }: Props = $props();
</script>

<aside class="sheet effect" aria-live="polite" aria-labelledby="effect">
  <h2 id="effect">
    {count === 1 ? 'One change' : `${count} changes`}, not saved yet
  </h2>
  <FormHead {problem} {fields} />
  {#if would}
    <p>
      {#if would.changed.length}
        <b>{would.changed.length} of {would.plants} verdicts</b> would change:
      {:else}
        No verdict of your {would.plants} plants would change.
      {/if}
    </p>
    <ul>
      {#each would.changed.slice(0, 30) as plant (plant.plantId)}
        <li class="plant"><VerdictTurn {plant} size={16} /></li>
      {/each}
    </ul>
    {#if would.changed.length > 30}
      <p class="quiet">and {would.changed.length - 30} more</p>
    {/if}
  {:else if !problem}
    <p class="quiet">Judging every plant by it…</p>
  {/if}
  <div class="acts">
    <button class="act go" disabled={!would} onclick={save}>Save</button>
    <button class="act" onclick={leave}>Leave all as it was</button>
  </div>
</aside>

<style>
  ul {
    margin: 6px 0 0;
  }
  .effect {
    position: sticky;
    top: 16px;
    max-height: calc(100vh - 32px);
    overflow: auto;
    border-color: var(--color-plum);
  }
  .plant {
    padding: 5px 0;
    border-top: 1px solid var(--color-rule);
    font-size: 14.5px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 12px;
  }
  @media (max-width: 900px) {
    .effect {
      position: static;
      order: -1;
    }
  }
</style>
