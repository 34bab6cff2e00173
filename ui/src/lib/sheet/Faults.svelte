<script lang="ts">
  import { tick } from 'svelte';
  import { count } from '$lib/words/counts';
  import { corrected, rowsOf, type Decisions, type Reading, type SheetView } from './broughtIn';

  interface Props {
    view: SheetView;
    reading: Reading;
    said: Decisions;
    say: (change: Partial<Decisions>) => Promise<void>;
  }
  const { view, reading, said, say }: Props = $props();
  let list = $state<HTMLElement>();

  const rows = $derived(rowsOf(reading.faults));

  /** Goes on to what is wrong next, which takes the place of what was put right. */
  async function goOn(at: number) {
    await tick();
    const inputs = list?.querySelectorAll<HTMLInputElement>('input') ?? [];
    inputs[Math.min(at, inputs.length - 1)]?.focus();
  }

  async function correct(fault: Reading['faults'][number], at: number, text: string) {
    await say({ corrected: corrected(said.corrected, fault, text) });
    await goOn(at);
  }

  async function leaveOut(more: number[], at: number) {
    await say({ leftOut: [...said.leftOut, ...more] });
    await goOn(at);
  }
</script>

{#if reading.faulty}
  <section class="sheet wrong" aria-labelledby="faults">
    <h2 id="faults">{count(reading.faulty, 'cell')} that cannot be right</h2>
    <p class="quiet">
      Put them right here, or leave their rows out. Nothing is brought in while there is one.
      {#if reading.faulty > reading.faults.length}
        These are the first {reading.faults.length}; the others follow.
      {/if}
    </p>
    <button type="button" class="act" onclick={() => leaveOut(rows, 0)}
      >Leave all {count(rows.length, 'row')} out</button
    >
    <ol bind:this={list}>
      {#each reading.faults as fault, at (`${fault.row} ${fault.column} ${fault.why}`)}
        <li>
          <span class="where">Row {fault.row}</span>
          <label>
            <span class="head">{view.columns[fault.column]?.head}</span>
            <input
              class="input"
              value={fault.text}
              onchange={(event) => correct(fault, at, event.currentTarget.value)}
            />
          </label>
          <span class="why">{fault.why}</span>
          <button
            type="button"
            class="link"
            aria-label="Leave row {fault.row} out"
            onclick={() => leaveOut([fault.row], at)}>Leave out</button
          >
        </li>
      {/each}
    </ol>
  </section>
{/if}
{#if said.leftOut.length}
  <p class="left" role="status">
    {count(said.leftOut.length, 'row')} left out: {said.leftOut.slice(0, 12).join(', ')}{said
      .leftOut.length > 12
      ? ' …'
      : ''}.
    <button type="button" class="link" onclick={() => say({ leftOut: [] })}>Take them again</button>
  </p>
{/if}

<style>
  section {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
    justify-items: start;
  }
  h2,
  p {
    margin: 0;
  }
  .left {
    margin: 10px 0 0;
  }
  ol {
    width: 100%;
    max-height: 420px;
    overflow-y: auto;
  }
  li {
    display: grid;
    grid-template-columns: 64px minmax(0, 300px) minmax(0, 1fr) auto;
    gap: 12px;
    align-items: center;
    padding: 6px 4px;
    border-bottom: 1px solid var(--color-rule);
  }
  label {
    display: grid;
    grid-template-columns: 100px minmax(0, 1fr);
    gap: 8px;
    align-items: center;
  }
  .head {
    overflow: hidden;
    font-size: 14px;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .where {
    font-variant-numeric: tabular-nums;
  }
  .why {
    color: var(--color-clay);
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: 1fr auto;
    }
    label,
    .why {
      grid-column: 1 / -1;
      grid-row: auto;
    }
  }
</style>
