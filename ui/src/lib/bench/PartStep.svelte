<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import FromAbove from '$lib/rhizome/MapFromAbove.svelte';
  import GrowthEditor from '$lib/rhizome/GrowthEditor.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { count } from '$lib/words/counts';
  import type { AtBench } from './atBench.svelte';
  import PieceOf from './PieceOf.svelte';

  interface Props {
    bench: AtBench;
    choices: Schemas['Choices'];
  }
  const { bench, choices }: Props = $props();
  const view = $derived(bench.job.dividing);
  const radius = $derived(bench.job.place?.radiusMm ?? 12);
  let selected = $state<string>();

  function take(plan: Schemas['PlanView']) {
    const staying =
      plan.plan === 'BUNCHED'
        ? plan.pieces.filter((piece) => piece.sound).map((piece) => piece.growths[0]!)
        : [];
    bench.cutAt(plan.places, staying);
  }

  const taken = (plan: Schemas['PlanView']) =>
    plan.places.length === bench.cuts.length &&
    plan.places.every((joint) => bench.cuts.includes(joint)) &&
    (plan.plan === 'BUNCHED') ===
      (plan.pieces.length > 1 &&
        bench.job.dividing!.pieces.filter(({ fate }) => fate === 'STAYS').length > 1);
  const inShort = (piece: Schemas['PieceView']) =>
    `${count(piece.growths.length, 'growth')} with ${count(piece.leads, 'lead')} and ${count(piece.roots, 'root')}`;
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
          <button
            type="button"
            class="choice"
            aria-pressed={taken(plan)}
            onclick={() => take(plan)}
          >
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
        <PieceOf {line} {bench} {choices} />
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
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(280px, 1fr));
    gap: 12px;
  }
  @media (max-width: 900px) {
    .part {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
