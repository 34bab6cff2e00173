<script lang="ts">
  import Field from './Field.svelte';

  interface Props {
    label: string;
    value: string;
    choices: { value: string; words: string }[];
    /** Shown while nothing is chosen. */
    unchosen?: string;
    hint?: string;
    fault?: string;
    onchange?: () => void;
  }
  let { label, value = $bindable(), choices, unchosen, hint, fault, onchange }: Props = $props();
</script>

<Field {label} {hint} {fault}>
  {#snippet children({ id, describedBy, invalid })}
    <select
      class="select"
      {id}
      aria-describedby={describedBy}
      aria-invalid={invalid}
      bind:value
      {onchange}
    >
      {#if unchosen !== undefined}<option value="">{unchosen}</option>{/if}
      {#each choices as each (each.value)}
        <option value={each.value}>{each.words}</option>
      {/each}
    </select>
  {/snippet}
</Field>
