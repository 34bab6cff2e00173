<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { capital, volumeUnit } from '$lib/words/units.svelte';
  import { amountIn, amountOut, amountSaid, sortOf, type StockLine } from './amounts';

  interface Props {
    line: StockLine;
    name: string;
    choices: Schemas['Choices'];
    count: (amount: number) => void;
  }
  const { line, name, choices, count }: Props = $props();
  const sort = $derived(sortOf(line));
</script>

{#if sort === 'pots'}
  <button
    type="button"
    class="act small"
    aria-label="One less of {name}"
    disabled={line.amount === 0}
    onclick={() => count(line.amount - 1)}>−</button
  >
  <b>{amountSaid(line)}</b>
  <button
    type="button"
    class="act small"
    aria-label="One more of {name}"
    onclick={() => count(line.amount + 1)}>+</button
  >
{:else if sort === 'loose'}
  <label class="litres">
    <input
      class="input"
      inputmode="decimal"
      aria-label="{capital(volumeUnit('large'))} of {name}"
      value={amountOut(line)}
      onchange={(event) => count(amountIn(line, event.currentTarget.value))}
    />
    {volumeUnit('large')}
  </label>
{:else}
  <select
    class="select"
    aria-label="How much of {name}"
    value={String(line.amount)}
    onchange={(event) => count(Number(event.currentTarget.value))}
  >
    {#each choices.stockLevels as level, i (level.value)}
      <option value={String(i)}>{level.words}</option>
    {/each}
  </select>
{/if}

<style>
  .act {
    width: 44px;
    min-height: 44px;
    padding: 0;
  }
  b {
    min-width: 28px;
    text-align: center;
  }
  .litres {
    display: flex;
    align-items: center;
    gap: 6px;
  }
  .litres .input {
    width: 84px;
  }
  .select {
    width: 150px;
  }
</style>
