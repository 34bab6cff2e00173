<script lang="ts">
  import { Toast } from '@skeletonlabs/skeleton-svelte';
  import { toaster } from './toaster';
</script>

<Toast.Group {toaster} class="toasts">
  {#snippet children(toast)}
    <Toast {toast} class="toast">
      <Toast.Message>
        <Toast.Title class="said">{toast.title}</Toast.Title>
      </Toast.Message>
      {#if toast.action}
        <Toast.ActionTrigger class="undo">{toast.action.label}</Toast.ActionTrigger>
      {/if}
      <Toast.CloseTrigger class="shut" aria-label="Close">×</Toast.CloseTrigger>
    </Toast>
  {/snippet}
</Toast.Group>

<style>
  :global(.toast) {
    display: flex;
    align-items: center;
    gap: 14px;
    padding: 10px 10px 10px 20px;
    border-radius: 999px;
    background: var(--color-spine);
    color: #f6eee2;
    box-shadow: 0 10px 30px -12px #0008;
    max-width: min(560px, 92vw);
    z-index: var(--z-index);
    translate: var(--x) var(--y);
    scale: var(--scale);
    opacity: var(--opacity);
    transition:
      translate 0.2s,
      scale 0.2s,
      opacity 0.2s;
  }
  @media (prefers-reduced-motion: reduce) {
    :global(.toast) {
      transition: none;
    }
  }
  :global(.toast .said) {
    font-size: 15px;
  }
  :global(.toast .undo) {
    min-height: 44px;
    padding: 0 14px;
    border-radius: 999px;
    border: 1px solid #f6eee2;
    background: transparent;
    color: inherit;
    font-weight: 600;
    cursor: pointer;
  }
  :global(.toast .shut) {
    width: 44px;
    height: 44px;
    border: 0;
    background: transparent;
    color: inherit;
    font-size: 20px;
    cursor: pointer;
  }
</style>
