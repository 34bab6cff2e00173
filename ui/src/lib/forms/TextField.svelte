<script lang="ts">
  import type { FullAutoFill } from 'svelte/elements';
  import Field from './Field.svelte';

  interface Props {
    label: string;
    value: string;
    hint?: string;
    fault?: string;
    type?: 'text' | 'search';
    inputmode?: 'decimal' | 'numeric' | 'text';
    placeholder?: string;
    disabled?: boolean;
    autocomplete?: FullAutoFill;
    oninput?: () => void;
  }
  let {
    label,
    value = $bindable(),
    hint,
    fault,
    type = 'text',
    inputmode,
    placeholder,
    disabled = false,
    autocomplete = 'off',
    oninput,
  }: Props = $props();
</script>

<Field {label} {hint} {fault}>
  {#snippet children({ id, describedBy, invalid })}
    <input
      class="input"
      {id}
      {type}
      {inputmode}
      {placeholder}
      {disabled}
      {autocomplete}
      {oninput}
      aria-describedby={describedBy}
      aria-invalid={invalid}
      bind:value
    />
  {/snippet}
</Field>
