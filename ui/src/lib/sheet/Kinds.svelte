<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { saidOf, type Decisions, type Reading } from './broughtIn';

  interface Props {
    kinds: Schemas['KindChoice'][];
    reading: Reading;
    said: Decisions;
    say: (change: Partial<Decisions>) => Promise<void>;
  }
  const { kinds, reading, said, say }: Props = $props();

  /** What its owner has chosen stays in sight. */
  const chosen = $derived(new Set(said.kinds.map(({ words }) => words)));
  const isOpen = ({ sure, key, words }: Reading['kinds'][number]) =>
    !sure || !key || chosen.has(words);
  const open = $derived(reading.kinds.filter(isOpen));
  const clear = $derived(reading.kinds.filter((each) => !isOpen(each)));

  const choose = (words: string, key: string, anew: boolean) =>
    key && say({ kinds: saidOf(said.kinds, { words, key, anew }) });
</script>

{#snippet row(each: Reading['kinds'][number])}
  <li>
    <span>
      <b>{each.words}</b>
      <span class="quiet"
        >{count(each.rows, 'plant')}{each.key && !each.sure ? ', a guess' : ''}</span
      >
    </span>
    <select
      class="select"
      aria-label="Kind of {each.words}"
      aria-invalid={!each.key}
      value={each.key ?? ''}
      onchange={(event) => choose(each.words, event.currentTarget.value, each.anew)}
    >
      {#if !each.key}<option value="">Choose…</option>{/if}
      {#each kinds as kind (kind.key)}<option value={kind.key}>{kind.name}</option>{/each}
    </select>
    <label>
      <input
        type="checkbox"
        class="checkbox"
        checked={each.anew}
        disabled={!each.key}
        onchange={(event) => choose(each.words, each.key ?? '', event.currentTarget.checked)}
      />
      a kind of its own, like this at first
    </label>
  </li>
{/snippet}

<section class="sheet" aria-labelledby="kinds">
  <h2 id="kinds">Kinds</h2>
  <p class="quiet">The kind decides how a plant is judged.</p>
  <ul>
    {#each open as each (each.words)}{@render row(each)}{/each}
  </ul>
  {#if clear.length}
    <details open={!open.length && clear.length < 6}>
      <summary>{count(clear.length, 'name')} that leave no doubt</summary>
      <ul>
        {#each clear as each (each.words)}{@render row(each)}{/each}
      </ul>
    </details>
  {/if}
</section>

<style>
  h2,
  p {
    margin: 0;
  }
  ul {
    margin: 6px 0 0;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 0 12px;
    align-items: center;
    padding: 5px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  li > span {
    overflow-wrap: anywhere;
  }
  li .quiet {
    margin-left: 4px;
    font-size: 14px;
  }
  label {
    display: flex;
    grid-column: 2;
    gap: 8px;
    align-items: center;
    min-height: 44px;
    font-size: 14px;
  }
  summary {
    min-height: 44px;
    padding: 10px 0;
    font-weight: 600;
  }
</style>
