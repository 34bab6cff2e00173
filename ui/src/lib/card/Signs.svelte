<script lang="ts">
  import Drawn from '$lib/rhizome/Drawn.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { movesOf } from '$lib/api/queries';
  import Moves from '$lib/taught/Moves.svelte';
  import CheckRow from '$lib/checks/CheckRow.svelte';
  import LaterChecks from '$lib/checks/LaterChecks.svelte';
  import BloomYear from '$lib/drawings/BloomYear.svelte';
  import GrowthChart from '$lib/drawings/GrowthChart.svelte';
  import RimStrip from '$lib/drawings/RimStrip.svelte';
  import Part from '$lib/shell/Part.svelte';
  import RootWindows from '$lib/slip/RootWindows.svelte';
  import { lengthUnit } from '$lib/words/units.svelte';

  /** What the plant shows, drawn, and when it is to be looked at again. */
  const { plant }: { plant: Schemas['PlantPage'] } = $props();
  const moves = movesOf(() => plant.id);
  const moved = $derived((moves.data?.moves ?? []).map(({ on }) => on));
</script>

<div class="middle">
  {#if plant.slip}
    <section class="sheet" aria-labelledby="roots">
      <h2 id="roots">New roots and the window</h2>
      <Part name="the roots"><RootWindows slip={plant.slip} /></Part>
    </section>
  {/if}
  {#if plant.room}
    <section class="sheet" aria-labelledby="rim">
      <h2 id="rim">Room to the rim</h2>
      <Part name="the room to the rim"><RimStrip room={plant.room} today={plant.today} /></Part>
    </section>
  {/if}
  {#if plant.growths.some((growth) => growth.sizeMm != null)}
    <section class="sheet" aria-labelledby="growths">
      <h2 id="growths">Growths, year by year</h2>
      <p class="quiet">
        Size in {lengthUnit() === 'in' ? 'inches' : lengthUnit()}; a dot where it was seen in flower{moved.length
          ? ', a line where it was moved'
          : ''}.
      </p>
      <Part name="its growths"><GrowthChart growths={plant.growths} moves={moved} /></Part>
    </section>
  {/if}
  {#if moves.data?.moves.length}
    <Part name="what came of its moves">
      <Moves {plant} moves={moves.data} />
    </Part>
  {/if}
  <Drawn plantId={plant.id} />
  {#if plant.journal.some((line) => line.looks['bloom'])}
    <section class="sheet" aria-labelledby="bloom">
      <h2 id="bloom">Bloom</h2>
      <Part name="its flowers"><BloomYear lines={plant.journal} /></Part>
    </section>
  {/if}
  {#if plant.slip}<section class="sheet" aria-labelledby="checks">
      <h2 id="checks">Checks</h2>
      {#if plant.checks.length}
        <ul>
          {#each plant.checks as check (check.id)}
            <CheckRow {check} today={plant.today} plantId={plant.id} />
          {/each}
        </ul>
      {:else}
        <p class="quiet">No check is booked.</p>
      {/if}
      {#if plant.later.length}<LaterChecks later={plant.later} today={plant.today} />{/if}
    </section>{/if}
</div>

<style>
  .middle {
    display: grid;
    gap: 16px;
  }
  .middle ul :global(li) {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .middle ul :global(.answers) {
    grid-column: 1 / -1;
  }
</style>
