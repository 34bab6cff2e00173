<script lang="ts">
  import { startHere } from '$lib/forms/start';

  interface Props {
    remove: () => void;
    keep: () => void;
  }
  const { remove, keep }: Props = $props();
</script>

<div class="sheet asked" role="alertdialog" aria-labelledby="going">
  <p id="going">Remove this picture for good? It cannot be brought back.</p>
  <button type="button" class="act" onclick={remove}>Remove it</button>
  <button type="button" class="act go" {@attach startHere} onclick={keep}>Keep it</button>
</div>

<style>
  .asked {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 14px;
    align-items: center;
    max-width: 640px;
  }
</style>
