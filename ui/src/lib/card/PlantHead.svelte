<script lang="ts">
  import BeginJob from '$lib/bench/BeginJob.svelte';
  import StopHere from '$lib/bench/StopHere.svelte';
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    plant: Schemas['PlantPage'];
    /** Whether somebody asks what would be if. */
    asking: boolean;
    ask: () => void;
  }
  const { plant, asking, ask }: Props = $props();
</script>

<div class="page-head">
  <h1>{plant.name}</h1>
  <span class="quiet where"
    >{plant.card.number} · {plant.place.name} · {plant.kindName} ·
    <a class="link" href="/plants/{plant.id}/edit">Edit</a>
    <a class="link" href="/tags?plant={plant.id}">Tag</a>
    <a class="link" href="/plants/{plant.id}/papers">Papers</a>
    {#if plant.slip}<a class="link" href="/year?plant={plant.id}">Years</a>
      <a class="link" href="/treatments?plant={plant.id}">Treat</a>
      <a class="link" href="/trials?plant={plant.id}">Try something on it</a>{/if}</span
  >
  {#if plant.slip}<div class="acts">
      <button class="act small" aria-pressed={asking} onclick={ask}
        >What if <span class="kbd-hint">W</span></button
      >
      <a class="act small" href="/plants/{plant.id}/inspect"
        >Inspect <span class="kbd-hint">I</span></a
      >
      <a class="act small" href="/plants/{plant.id}/repot"
        >Log a repot <span class="kbd-hint">R</span></a
      >
      <BeginJob plantId={plant.id} />
    </div>{/if}
</div>
{#if plant.slip?.downhill}<StopHere plantId={plant.id} />{/if}

<style>
  .page-head {
    margin-bottom: 16px;
  }
  .where {
    font-size: 15px;
  }
  .acts {
    display: flex;
    gap: 10px;
    margin-left: auto;
  }
  @media (max-width: 760px) {
    .acts {
      margin-left: 0;
      width: 100%;
    }
    .acts .act {
      flex: 1;
    }
  }
</style>
