<script lang="ts">
  import { keptTrouble } from '$lib/api/queries';

  const trouble = keptTrouble();
</script>

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
