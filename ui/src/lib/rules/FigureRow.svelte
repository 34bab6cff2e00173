<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { measuredOut, unitOf } from '$lib/words/units.svelte';
  import type { Changes } from './changes.svelte';

  interface Props {
    figure: Schemas['RuleLine'];
    changes: Changes;
    /** Whether somebody was sent to this figure. */
    aimed: boolean;
    fault?: string;
  }
  const { figure, changes, aimed, fault }: Props = $props();
</script>

<li id={figure.key} class:aimed>
  <span class="why">
    <b>{figure.name}</b>
    <span>{figure.reason}</span>
    <span class="quiet key">{figure.key}</span>
  </span>
  <span class="value">
    <input
      class="input"
      inputmode="decimal"
      aria-label="{figure.name}: {figure.key}, {unitOf(figure.unit)}"
      aria-invalid={fault !== undefined}
      class:mine={figure.own != null || changes.has(figure.key)}
      value={changes.shown(figure)}
      oninput={(event) => changes.type(figure, event.currentTarget.value)}
    />
    <span class="unit">{unitOf(figure.unit)}</span>
  </span>
  <span class="quiet standard">
    {#if figure.own != null && !changes.putsBack(figure.key)}
      {#if figure.learned}<a class="link" href="/taught">own, learned</a> ·{/if}
      default {measuredOut(figure.standard, figure.unit)}
      <button class="link" onclick={() => changes.putBack(figure)}>Put it back</button>
    {:else if changes.has(figure.key)}
      default {measuredOut(figure.standard, figure.unit)}
      <button class="link" onclick={() => changes.leave(figure.key)}>Leave it</button>
    {:else}
      {measuredOut(figure.least, figure.unit)} to {measuredOut(figure.most, figure.unit)}
    {/if}
  </span>
  {#if fault}<span class="fault">{fault}</span>{/if}
</li>

<style>
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 190px 190px;
    gap: 2px 16px;
    align-items: center;
    padding: 7px 0;
    border-top: 1px solid var(--color-rule);
  }
  li.aimed {
    background: var(--color-plum-wash);
    margin: 0 -10px;
    padding: 7px 10px;
    border-radius: 8px;
  }
  .why {
    display: flex;
    flex-direction: column;
  }
  .key {
    font-size: 13px;
  }
  .value {
    display: flex;
    gap: 8px;
    align-items: center;
  }
  .value .input {
    width: 92px;
    text-align: right;
  }
  .value .input.mine {
    border-color: var(--color-plum);
    border-width: 2px;
    font-weight: 650;
  }
  .unit {
    color: var(--color-ink-2);
    font-size: 14px;
  }
  .fault {
    grid-column: 1 / -1;
  }
  @media (max-width: 900px) {
    li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
