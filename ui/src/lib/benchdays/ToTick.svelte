<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Ticks } from './ticks.svelte';

  interface Props {
    ticks: Ticks;
    thing: string;
    children: Snippet;
  }
  const { ticks, thing, children }: Props = $props();
</script>

<li>
  <label class:done={ticks.has(thing)}>
    <input
      class="checkbox"
      type="checkbox"
      checked={ticks.has(thing)}
      onchange={() => void ticks.turn(thing)}
    />
    <span>{@render children()}</span>
  </label>
</li>

<style>
  label {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 44px;
    border-bottom: 1px solid var(--color-rule);
    cursor: pointer;
  }
  .done span {
    color: var(--color-ink-2);
    text-decoration: line-through;
  }
  @media print {
    label {
      min-height: 0;
      padding: 3px 0;
    }
  }
</style>
