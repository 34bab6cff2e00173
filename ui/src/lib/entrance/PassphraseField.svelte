<script lang="ts">
  import Field from '$lib/forms/Field.svelte';
  import Tick from '$lib/forms/Tick.svelte';

  interface Props {
    label: string;
    value: string;
    hint?: string;
    fault?: string;
    /** Whether it is being chosen, and not asked for. */
    chosen?: boolean;
  }
  let { label, value = $bindable(), hint, fault, chosen = false }: Props = $props();
  let shown = $state(false);
</script>

<Field {label} {hint} {fault}>
  {#snippet children({ id, describedBy, invalid })}
    <input
      class="input"
      type={shown ? 'text' : 'password'}
      autocomplete={chosen ? 'new-password' : 'current-password'}
      autocapitalize="off"
      spellcheck="false"
      maxlength="200"
      {id}
      aria-describedby={describedBy}
      aria-invalid={invalid}
      bind:value
    />
  {/snippet}
</Field>
<Tick label="Show what is typed" bind:checked={shown} />
