<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    plant: Schemas['BatchLine'];
    /** Whether it is the next one to be taken in hand. */
    next: boolean;
    /** How many others are still to be done. */
    others: number;
    told: (what: 'same' | 'done', plant: number, said: string) => void;
    check: (plant: number, right: boolean) => void;
  }
  const { plant, next, others, told, check }: Props = $props();
</script>

<li class="sheet">
  {#if plant.job}
    <a class="act tall" class:go={next} href="/jobs/{plant.job}">
      {plant.name}
      <span class="quiet">{plant.done} of {plant.steps} steps</span>
    </a>
    <p class="quiet">{plant.number} · {plant.method}</p>
    {#if plant.done > 0}
      <div class="taps">
        {#if others > 0}
          <button
            type="button"
            class="act tall"
            onclick={() => told('same', plant.plantId, `All others like ${plant.name}`)}
            >The same for all</button
          >
        {/if}
        <button
          type="button"
          class="act tall"
          onclick={() => told('done', plant.plantId, `${plant.name} is done`)}
          >Done, and its tag is right</button
        >
      </div>
    {/if}
  {:else}
    <label class="tag">
      <input
        class="checkbox"
        type="checkbox"
        checked={plant.tagChecked}
        onchange={(event) => check(plant.plantId, event.currentTarget.checked)}
      />
      <span>
        The tag says <b>{plant.name}</b>, {plant.number}
        <a class="link" href="/plants/{plant.plantId}">its page</a>
      </span>
    </label>
  {/if}
</li>

<style>
  .act {
    width: 100%;
    justify-content: space-between;
  }
  .act.go .quiet {
    color: inherit;
  }
  p {
    margin: 8px 0 0;
  }
  .taps {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 8px;
  }
  .taps .act {
    flex: 1;
    width: auto;
    justify-content: center;
  }
  .tag {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 56px;
    font-size: 17px;
  }
</style>
