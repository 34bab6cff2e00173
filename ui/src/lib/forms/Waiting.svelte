<script lang="ts">
  import { tick, type Snippet } from 'svelte';
  import { workGoesOn } from './start';

  interface Props {
    query: { isPending: boolean; isError: boolean; error: Error | null; refetch: () => unknown };
    children: Snippet;
  }
  const { query, children }: Props = $props();

  $effect(() => {
    if (!query.isPending) void tick().then(workGoesOn);
  });
</script>

{#if query.isPending}
  <p class="quiet" role="status">Looking it up…</p>
{:else if query.isError}
  <div class="sheet" role="alert">
    <p>{query.error?.message}</p>
    <button class="act small" onclick={() => query.refetch()}>Try again</button>
  </div>
{:else}
  {@render children()}
{/if}

<style>
  .sheet {
    display: flex;
    align-items: center;
    gap: 16px;
    max-width: 640px;
  }
</style>
