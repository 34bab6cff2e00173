<script lang="ts">
  import { sitePage } from '$lib/api/queries';
  import { besideTyped, typedDay } from '$lib/words/typedDay';
  import Field from './Field.svelte';

  interface Props {
    label: string;
    /** An ISO day, or what was typed in its place. */
    value: string;
    hint?: string;
    fault?: string;
  }
  let { label, value = $bindable(), hint, fault }: Props = $props();
  const site = sitePage();
  const today = $derived(site.data?.today ?? '');

  function keys(event: KeyboardEvent) {
    const days = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (!days || !today) return;
    event.preventDefault();
    value = besideTyped(value, today, days);
  }
</script>

<Field {label} hint={hint ?? 'year-month-day, today, yesterday; arrows go by days'} {fault}>
  {#snippet children({ id, describedBy, invalid })}
    <input
      class="input"
      {id}
      placeholder={today}
      autocomplete="off"
      aria-describedby={describedBy}
      aria-invalid={invalid}
      onkeydown={keys}
      onchange={() => (value = typedDay(value, today))}
      bind:value
    />
  {/snippet}
</Field>
