<script lang="ts">
  import { askByKey, asked } from './asked.svelte';

  /** The cards and their drawings are fetched when somebody asks for one. */
  const card = $derived(asked.item ? import('./OneCard.svelte') : undefined);
  const shown = (dialog: HTMLDialogElement) => dialog.showModal();
</script>

<svelte:window onkeydown={askByKey} />

{#if card}
  <dialog
    {@attach shown}
    aria-label="How to look"
    onclose={() => (asked.item = '')}
    onclick={(event) => event.target === event.currentTarget && event.currentTarget.close()}
  >
    <form method="dialog"><button class="act small">Close</button></form>
    {#await card then { default: OneCard }}
      <OneCard item={asked.item} left={() => (asked.item = '')} />
    {:catch}
      <p>The field guide cannot be reached just now.</p>
    {/await}
  </dialog>
{/if}

<style>
  dialog {
    margin: auto;
    width: min(720px, calc(100vw - 20px));
    max-height: min(88vh, calc(100vh - 20px));
    padding: 18px 20px;
    border: 1px solid var(--color-rule);
    border-radius: 14px;
    background: var(--color-leaf);
    color: var(--color-ink);
  }
  dialog::backdrop {
    background: #0007;
  }
  form {
    float: right;
  }
</style>
