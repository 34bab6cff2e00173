<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { untrack } from 'svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import Picks from '$lib/forms/Picks.svelte';
  import { count } from '$lib/words/counts';
  import Sentence from '$lib/words/Sentence.svelte';
  import { lengthSaid } from '$lib/words/units.svelte';
  import type { AtBench } from './atBench.svelte';

  import PieceBesides from './PieceBesides.svelte';

  interface Props {
    line: Schemas['PieceLine'];
    bench: AtBench;
    choices: Schemas['Choices'];
  }
  const { line, bench, choices }: Props = $props();
  const pots = $derived(bench.job.place?.seats ?? []);

  let to = $state(untrack(() => line.to));

  function become(more: Partial<Schemas['PieceEntry']>) {
    const { fate, pot, potItem, mix, tally } = line;
    bench.become(line.key, { fate, pot, potItem, to, mix, tally, ...more });
  }

  function potted(value: string) {
    const seat = pots.find(({ item }) => item === value);
    become({ pot: seat?.pot ?? null, potItem: seat?.item ?? null });
  }

  const ways = (hours: number[]) =>
    hours.length ? `, towards ${hours.join(' and ')} o’clock` : '';
</script>

<li class:bad={!line.piece.sound}>
  <p>
    <b>Piece {line.letter}</b>: {count(line.piece.growths.length, 'growth')}, {line.piece.firm} firm,
    {count(line.piece.leads, 'lead')}{ways(line.towards)}{line.piece.eyes
      ? `, ${count(line.piece.eyes, 'eye')}`
      : ''}, {count(line.piece.roots, 'root')}{line.piece.newRoots ? ' and new ones' : ''}. A pot of {lengthSaid(
      line.wantedMm,
    )} would hold it.
  </p>
  {#if line.piece.rotten}
    <p class="lacks">Rotten: it goes out.</p>
  {:else if line.piece.lacks.length}
    <p class="lacks">
      {line.piece.gamble ? 'A gamble: a firm bulb with an eye, but ' : 'It would have '}
      {#each line.piece.lacks as lack, i (i)}{i ? ', ' : ''}<Sentence
          parts={lack}
          today={bench.job.begunOn}
        />{/each}.
    </p>
  {/if}
  <Picks
    legend="It becomes"
    choices={choices.pieceFates}
    value={line.fate}
    onpick={(fate) => become({ fate: fate as Schemas['PieceEntry']['fate'] })}
  />
  {#if line.fate === 'POTTED' || line.fate === 'GIVEN_AWAY'}
    <label class="pot">
      Its pot
      <select
        class="select"
        value={line.potItem ?? ''}
        onchange={(event) => potted(event.currentTarget.value)}
      >
        <option value="">the same as the plant itself</option>
        {#each pots as seat (seat.item)}
          <option value={seat.item}
            >{choices.pots.find(({ value }) => value === seat.pot.type)?.words}, {lengthSaid(
              seat.pot.diameterMm!,
            )} ({seat.left} left)</option
          >
        {/each}
      </select>
    </label>
  {/if}
  {#if line.fate === 'POTTED' || line.fate === 'GIVEN_AWAY'}
    <PieceBesides {line} {bench} {choices} {become} />
  {/if}
  {#if line.fate === 'GIVEN_AWAY'}
    <TextField
      label="To whom"
      fault={faultOf(bench.problem, `dividing.pieces.${line.key}.to`)}
      bind:value={() => to, (typed) => ((to = typed), become({ to: typed }))}
    />
  {/if}
</li>

<style>
  li {
    padding: 12px 14px;
    border: 1px solid var(--color-rule);
    border-radius: 14px;
    font-size: 16px;
  }
  li.bad {
    border-color: var(--color-clay);
  }
  p {
    margin: 0 0 8px;
  }
  .lacks {
    color: var(--color-clay);
    font-weight: 600;
  }
  .pot {
    display: grid;
    gap: 4px;
    font-size: 14px;
  }
</style>
