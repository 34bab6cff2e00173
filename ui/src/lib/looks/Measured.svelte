<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { unitOf } from '$lib/words/units.svelte';

  interface Props {
    /** What is looked at. */
    title: string;
    measure: NonNullable<Schemas['LookChoice']['measure']>;
    typed: string;
  }
  let { title, measure, typed = $bindable() }: Props = $props();
</script>

<label class="length" class:given={typed.trim() !== ''}>
  <span>{measure.words}</span>
  <input
    class="input"
    inputmode="decimal"
    aria-label="{title}: {measure.words}{measure.unit ? `, ${unitOf(measure.unit)}` : ''}"
    bind:value={typed}
  />
  {unitOf(measure.unit)}
</label>

<style>
  .length {
    display: inline-flex;
    align-items: center;
    gap: 6px;
    min-height: 46px;
    padding: 0 12px;
    border: 1px solid var(--color-rule);
    border-radius: 12px;
    font-size: 14.5px;
    color: var(--color-ink-2);
  }
  .length.given {
    border-color: var(--color-ink);
    color: var(--color-ink);
  }
  .length .input {
    width: 72px;
    min-height: 44px;
  }
</style>
