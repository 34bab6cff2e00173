<script lang="ts">
  import type { AtPlant } from './atPlant.svelte';

  interface Props {
    here: AtPlant;
  }
  const { here }: Props = $props();
</script>

{#each here.asked as check (check.id)}
  <div class="asked" role="group" aria-label={check.title}>
    <p><b>{check.title}</b> <span class="quiet">{check.lookFor}</span></p>
    <div class="picks">
      {#each check.ticks as tick (tick.answer)}
        <button
          type="button"
          class="act small"
          aria-pressed={here.tickOf(check.id) === tick.answer}
          onclick={() => here.tick(check.id, tick.answer)}>{tick.words}</button
        >
      {/each}
    </div>
  </div>
{/each}

<style>
  .asked {
    padding: 8px 0 10px 8px;
    border-bottom: 1px solid var(--color-rule);
    border-left: 3px solid var(--color-ochre);
  }
  p {
    margin: 0 0 6px;
  }
  .picks {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
  }
  .picks .act {
    min-height: 44px;
  }
</style>
