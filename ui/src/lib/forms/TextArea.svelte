<script lang="ts">
  import Field from './Field.svelte';

  interface Props {
    label: string;
    value: string;
    fault?: string;
  }
  let { label, value = $bindable(), fault }: Props = $props();
</script>

<Field {label} {fault}>
  {#snippet children({ id, describedBy, invalid })}
    <textarea
      class="textarea"
      rows="3"
      {id}
      aria-describedby={describedBy}
      aria-invalid={invalid}
      bind:value></textarea>
  {/snippet}
</Field>
