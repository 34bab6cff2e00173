<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Picks from '$lib/forms/Picks.svelte';
  import FromAbove from '$lib/rhizome/MapFromAbove.svelte';
  import GrowthEditor from '$lib/rhizome/GrowthEditor.svelte';
  import { lengthSaid } from '$lib/words/units.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import type { AtBench } from './atBench.svelte';

  interface Props {
    bench: AtBench;
    choices: Schemas['Choices'];
  }
  const { bench, choices }: Props = $props();
  const view = $derived(bench.job.dividing);
  const radius = $derived(bench.job.place?.radiusMm ?? 12);
  let selected = $state<string>();

  const pots = $derived(bench.job.place?.seats ?? []);

  function take(plan: Schemas['PlanView']) {
    const staying =
      plan.plan === 'BUNCHED'
        ? plan.pieces.filter((piece) => !piece.rotten).map((piece) => piece.growths[0]!)
        : [];
    bench.cutAt(plan.places, staying);
  }

  const taken = (plan: Schemas['PlanView']) =>
    plan.places.length === bench.cuts.length &&
    plan.places.every((joint) => bench.cuts.includes(joint)) &&
    (plan.plan === 'BUNCHED') ===
      (plan.pieces.length > 1 &&
        bench.job.dividing!.pieces.filter(({ fate }) => fate === 'STAYS').length > 1);

  function become(line: Schemas['PieceLine'], fate: string) {
    bench.become(line.key, {
      fate: fate as Schemas['PieceEntry']['fate'],
      pot: line.pot,
      potItem: line.potItem,
    });
  }

  function potted(line: Schemas['PieceLine'], value: string) {
    const seat = pots.find(({ item }) => item === value);
    bench.become(line.key, {
      fate: line.fate,
      pot: seat?.pot ?? null,
      potItem: seat?.item ?? null,
    });
  }

  const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;
  const inShort = (piece: Schemas['PieceView']) =>
    `${count(piece.growths.length, 'growth', 'growths')} with ${count(piece.leads, 'lead', 'leads')} and ${count(piece.roots, 'root', 'roots')}`;

  const ways = (hours: number[]) =>
    hours.length ? `, towards ${hours.join(' and ')} o’clock` : '';
</script>

{#if view && bench.map}
  <div class="part">
    <div>
      <p class="quiet">
        Tap a growth to say how it is, drag it where it stands; tap a broken line to cut there.
      </p>
      <FromAbove
        map={bench.map}
        marks={bench.marks}
        radiusMm={radius}
        cuts={bench.cuts}
        bind:selected
        onmap={(map) => bench.draw(map)}
        oncut={(joint) => bench.cut(joint)}
      />
    </div>
    {#if selected}
      <div class="side">
        <GrowthEditor
          map={bench.map}
          name={selected}
          mark={bench.marks.find(({ growth }) => growth === selected)}
          stepMm={radius * 2}
          {choices}
          onmap={(map) => bench.draw(map)}
          onredraw={(change) => bench.redraw(change)}
          onselect={(name) => (selected = name)}
        />
        <button type="button" class="act tall" onclick={() => (selected = undefined)}
          >Back to the plans</button
        >
      </div>
    {:else}
      <div class="plans" role="group" aria-label="Where to cut">
        {#each view.plans as plan (plan.plan)}
          <button type="button" aria-pressed={taken(plan)} onclick={() => take(plan)}>
            <b>{plan.title}</b>
            <span>
              {plan.pieces
                .filter((piece) => !piece.rotten)
                .map(inShort)
                .join(' and ')}{plan.cuts.length ? `; cut ${plan.cuts.join(', ')}` : '; no cut'}
            </span>
            <span><Sentence parts={plan.speaksFor} today={bench.job.begunOn} /></span>
            <span class="risk"><Sentence parts={plan.risk} today={bench.job.begunOn} /></span>
          </button>
        {/each}
      </div>
    {/if}
  </div>

  {#if bench.cuts.length}
    <h3>What becomes of the pieces</h3>
    <ul class="pieces">
      {#each view.pieces as line (line.key)}
        <li class:bad={!line.piece.sound}>
          <p>
            <b>Piece {line.letter}</b>: {count(line.piece.growths.length, 'growth', 'growths')}, {line
              .piece.firm} firm, {count(line.piece.leads, 'lead', 'leads')}{ways(line.towards)}{line
              .piece.eyes
              ? `, ${count(line.piece.eyes, 'eye', 'eyes')}`
              : ''}, {count(line.piece.roots, 'root', 'roots')}{line.piece.newRoots
              ? ' and new ones'
              : ''}. A pot of {lengthSaid(line.wantedMm)} would hold it.
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
            onpick={(fate) => become(line, fate)}
          />
          {#if line.fate === 'POTTED' || line.fate === 'GIVEN_AWAY'}
            <label class="pot">
              Its pot
              <select
                class="select"
                value={line.potItem ?? ''}
                onchange={(event) => potted(line, event.currentTarget.value)}
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
        </li>
      {/each}
    </ul>
  {/if}
{:else}
  <p>
    It grows from one stem: no rhizome to draw. Name what came off in your own words at the end.
  </p>
{/if}

<style>
  .part {
    display: grid;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 20px;
    align-items: start;
  }
  .side,
  .plans {
    display: grid;
    gap: 10px;
  }
  .plans button {
    display: grid;
    gap: 4px;
    padding: 12px 16px;
    border: 1px solid var(--color-edge);
    border-radius: 14px;
    background: var(--color-slip);
    color: var(--color-ink);
    font: 400 16px/1.35 var(--font-sans);
    text-align: left;
    cursor: pointer;
  }
  .plans button[aria-pressed='true'] {
    border: 2px solid var(--color-plum);
    background: var(--color-plum-wash);
  }
  .plans b {
    font: 520 19px var(--font-serif);
  }
  .risk {
    color: var(--color-ink-2);
  }
  h3 {
    margin: 18px 0 6px;
    font: 520 20px var(--font-serif);
  }
  .pieces {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
    gap: 12px;
  }
  .pieces li {
    padding: 12px 14px;
    border: 1px solid var(--color-rule);
    border-radius: 14px;
    font-size: 16px;
  }
  .pieces li.bad {
    border-color: var(--color-clay);
  }
  .pieces p {
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
  @media (max-width: 900px) {
    .part {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
