<script lang="ts">
  import { short } from '$lib/words/dates';
  import CleanLooks from './CleanLooks.svelte';
  import type { Neighbour, Treated } from './course';

  interface Props {
    plant: Treated | Neighbour;
    wanted: number;
    today: string;
    chosen: boolean;
    choose: () => void;
  }
  const { plant, wanted, today, chosen, choose }: Props = $props();
  const treated = $derived('left' in plant ? plant : undefined);
</script>

<li>
  <label>
    <input class="checkbox" type="checkbox" checked={chosen} onchange={choose} />
    <span>
      <b>{plant.name}</b>
      <span class="quiet">{plant.placeName}{treated?.apart ? ', kept apart' : ''}</span>
      {#if treated?.tooOften}
        <span class="warn">
          Found again {treated.foundAgain} times: have it named, and ask an adviser what else is permitted.
        </span>
      {/if}
    </span>
  </label>
  <p class="state">
    {#if plant.over}
      <b class="over">clean</b>
    {:else}
      {#if treated}
        <span class:now={treated.treatNow}>
          {treated.done} of {treated.done + treated.left} done{treated.nextTreatment
            ? `, next ${short(treated.nextTreatment, today)}`
            : ''}
        </span>
      {/if}
      <span class:now={plant.lookNow}>look {short(plant.nextLook, today)}</span>
      {#if treated}<span class="quiet">over {short(treated.overFrom, today)} at the earliest</span
        >{/if}
    {/if}
    <CleanLooks inARow={plant.cleanInARow} {wanted} />
  </p>
  <a
    class="link"
    href="/plants/{plant.plantId}/inspect"
    aria-label="Found something on {plant.name}">found something</a
  >
</li>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 4px 14px;
    align-items: center;
    border-bottom: 1px solid var(--color-rule);
  }
  label {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 48px;
    padding: 4px 0;
    cursor: pointer;
  }
  .state {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: center;
    margin: 0;
    font-size: 14.5px;
  }
  .now {
    color: var(--color-clay);
    font-weight: 600;
  }
  .over {
    color: var(--color-moss);
  }
  .warn {
    display: block;
    color: var(--color-clay);
    font-size: 14.5px;
  }
  .link {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: minmax(0, 1fr) auto;
    }
    label {
      grid-column: 1 / -1;
    }
  }
</style>
