<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    /** The plant that the mouse is over. */
    over: Schemas['PlantLine'] | undefined;
    /** Shows the whole field again, while only a part of it is drawn. */
    whole: (() => void) | undefined;
  }
  const { over, whole }: Props = $props();

  const LEGEND = [
    { fill: 'plum', words: 'Repot now, or a good moment' },
    { fill: 'ochre', words: 'Wait, or watch' },
    { fill: 'moss', words: 'Leave alone' },
  ];
</script>

<div class="legend">
  {#each LEGEND as { fill, words } (fill)}
    <span class="zone"><i style="background: var(--color-{fill}-wash)"></i>{words}</span>
  {/each}
  {#if whole}
    <button type="button" class="act small" onclick={whole}>The whole field</button>
  {/if}
</div>
<p class="quiet axes">
  <span>not ready</span>
  <span class="over" aria-live="off">
    {over
      ? `${over.name}: need ${over.need}, readiness ${over.readiness}`
      : 'need upwards · a crowded spot opens up · shift-click chooses'}
  </span>
  <span>roots ready</span>
</p>

<style>
  .legend {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 14px;
    align-items: center;
    margin-top: 8px;
    font-size: 13px;
  }
  .zone {
    display: inline-flex;
    gap: 6px;
    align-items: center;
  }
  .zone i {
    width: 14px;
    height: 14px;
    border-radius: 4px;
    border: 1px solid var(--color-rule);
  }
  .axes {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    margin-top: 4px;
    font-size: 13px;
  }
  .over {
    text-align: center;
  }
</style>
