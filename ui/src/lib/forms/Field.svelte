<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    label: string;
    hint?: string;
    fault?: string;
    /** Draws the entry; it takes the ids it is labelled and described by. */
    children: Snippet<[{ id: string; describedBy: string | undefined; invalid: boolean }]>;
  }
  const { label, hint, fault, children }: Props = $props();
  const id = $props.id();
</script>

<div class="field">
  <label for={id}>{label}</label>
  {@render children({
    id,
    describedBy: fault ? `${id}-fault` : hint ? `${id}-hint` : undefined,
    invalid: Boolean(fault),
  })}
  {#if fault}
    <p class="fault" id="{id}-fault">{fault}</p>
  {:else if hint}
    <p class="quiet" id="{id}-hint">{hint}</p>
  {/if}
</div>

<style>
  .field {
    display: grid;
    gap: 4px;
  }
  label {
    font: 520 17px var(--font-serif);
  }
</style>
