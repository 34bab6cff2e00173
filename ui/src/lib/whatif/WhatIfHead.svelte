<script lang="ts">
  interface Props {
    /** Whether everything is as it is. */
    same: boolean;
    startOver: () => void;
    close: () => void;
  }
  const { same, startOver, close }: Props = $props();
</script>

<div class="head">
  <h2 id="whatif">What if</h2>
  <span class="quiet">Change anything and read the slip beside it; nothing is saved.</span>
  <span class="acts">
    <button type="button" class="act small" onclick={startOver} disabled={same}>As it is</button>
    <button type="button" class="act small" onclick={close}
      >Close <span class="kbd-hint held">Esc</span></button
    >
  </span>
</div>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: baseline;
  }
  .acts {
    margin-left: auto;
    display: flex;
    gap: 8px;
  }
</style>
