<script lang="ts">
  import { Switch } from '@skeletonlabs/skeleton-svelte';
  import { lamp } from '$lib/shell/mode.svelte';
</script>

<section class="sheet">
  <Switch class="lamp" checked={lamp.on} onCheckedChange={(change) => lamp.set(change.checked)}>
    <Switch.Control class="track"><Switch.Thumb class="thumb" /></Switch.Control>
    <Switch.Label>Lamp light, for evenings</Switch.Label>
    <Switch.HiddenInput />
  </Switch>
</section>

<style>
  .sheet :global(.lamp) {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 44px;
    cursor: pointer;
  }
  .sheet :global(.track) {
    width: 52px;
    height: 30px;
    padding: 3px;
    border-radius: 999px;
    background: var(--color-ink-2);
  }
  .sheet :global(.track[data-state='checked']) {
    background: var(--color-go);
  }
  .sheet :global(.thumb) {
    display: block;
    width: 24px;
    height: 24px;
    border-radius: 50%;
    background: #fff;
    transition: transform 0.15s;
  }
  .sheet :global(.thumb[data-state='checked']) {
    transform: translateX(22px);
  }
</style>
