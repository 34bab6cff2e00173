<script lang="ts">
  import { storage } from '$lib/interface/storage.svelte';
  import { keptTrouble } from '$lib/api/queries';

  const trouble = keptTrouble();
</script>

{#if storage.failing}
  <p role="status">
    This browser keeps nothing more: its storage is full or forbidden. What the program says is
    saved is safe; what still waits goes with this window, so leave it open.
  </p>
{/if}
{#if trouble.data?.disk}
  <p class="disk" role="alert">{trouble.data.disk}</p>
{:else if trouble.data?.backups}
  <p role="status">
    {trouble.data.backups}
    <a class="link" href="/settings#kept">See the backups</a>
  </p>
{/if}

<style>
  p {
    margin: 0;
    padding: 10px 20px;
    background: var(--color-ochre-wash);
    font-weight: 600;
  }
  .disk {
    background: var(--color-clay-wash);
    color: var(--color-clay);
  }
</style>
