<script lang="ts">
  import FormHead from '$lib/forms/FormHead.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import Seen from './Seen.svelte';
  import type { CaseInHand } from './sitting.svelte';

  interface Props {
    hand: CaseInHand;
    plant: Schemas['PlantCase'];
    roots: Schemas['RootLengths'] | undefined;
    today: string;
  }
  const { hand, plant, roots, today }: Props = $props();
  const seen = $derived(Object.values(hand.shown).flat());
  const unanswered = $derived(
    plant.mayLook.filter(({ item }) => hand.shown[item]?.length === 0).map(({ title }) => title),
  );
</script>

{#if plant.mayLook.length}
  <fieldset>
    <legend>Look first, if in doubt</legend>
    <div class="all">
      {#each plant.mayLook as { item, title, how } (item)}
        <button
          type="button"
          class="choice"
          title={how}
          aria-pressed={!!hand.shown[item]}
          disabled={hand.looking.busy || !!hand.judged}
          onclick={() => hand.look(item)}>{title}</button
        >
      {/each}
    </div>
  </fieldset>
  <div role="status">
    {#if seen.length}<Seen {seen} {roots} {today} />{/if}
    {#if unanswered.length}
      <p class="quiet">Nobody looked at that in time: {unanswered.join(', ').toLowerCase()}.</p>
    {/if}
  </div>
  <FormHead problem={hand.looking.problem} fields={[]} />
{/if}

<style>
  fieldset {
    margin: 0 0 8px;
  }
  legend {
    margin-bottom: 4px;
    font-size: 14px;
    color: var(--color-ink-2);
  }
  .all {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  button {
    --least: 44px;
    padding: 0 14px;
    border-radius: 12px;
    font: 600 14.5px var(--font-sans);
  }
  p {
    margin: 4px 0;
  }
</style>
