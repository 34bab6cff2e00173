<script lang="ts">
  import { answered, api, Problem } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { lengthIn, lengthOut, lengthSaid, lengthUnit } from '$lib/words/units.svelte';
  import PointsOnPicture from './PointsOnPicture.svelte';

  interface Props {
    photo: Schemas['Photo'];
    /** The diameter of the pot it stands in, mm, if that is known. */
    rimMm?: number | null;
  }
  const { photo, rimMm }: Props = $props();

  // svelte-ignore state_referenced_locally
  let known = $state(rimMm == null ? '' : lengthOut(rimMm));
  let points = $state<{ x: number; y: number }[]>([]);
  let read = $state<Schemas['LengthRead']>();
  let problem = $state<Problem>();

  const ready = $derived(points.length >= 4 && known.trim() !== '');
  const ITEMS = [
    { item: 'newRoots', words: 'newest roots' },
    { item: 'newestSize', words: 'newest growth' },
    { item: 'formerSize', words: 'the growth before' },
    { item: 'rim', words: 'lead to rim' },
  ];

  $effect(() => {
    if (!ready) {
      read = undefined;
      return;
    }
    const body = {
      known: points.slice(0, 2),
      knownMm: lengthIn(known),
      path: points.slice(2),
    };
    let stale = false;
    answered(api.POST('/api/measurements', { body })).then(
      (length) => {
        if (!stale) [read, problem] = [length, undefined];
      },
      (failure) => {
        if (!stale) [read, problem] = [undefined, failure as Problem];
      },
    );
    return () => (stale = true);
  });
</script>

<div class="measure">
  <PointsOnPicture {photo} bind:points />
  <div class="side">
    <FormHead {problem} fields={['knownMm', 'known', 'path']} leads={false} />
    <p>
      {points.length < 2
        ? 'Set two points of a known length, such as the rim from side to side.'
        : 'Now click along the root or the growth, from its base to its tip.'}
    </p>
    <TextField
      label="Known length"
      hint="{lengthUnit()} between the first two points"
      inputmode="decimal"
      fault={faultOf(problem, 'knownMm') ?? faultOf(problem, 'known') ?? faultOf(problem, 'path')}
      bind:value={known}
    />
    <div class="acts">
      <button type="button" class="act small" disabled={!points.length} onclick={() => points.pop()}
        >Last point away</button
      >
      <button
        type="button"
        class="act small"
        disabled={!points.length}
        onclick={() => (points = [])}>Start over</button
      >
    </div>
    {#if read}
      <p class="read" role="status">
        <b>{lengthSaid(Math.round(read.mm))}</b> ± {lengthSaid(
          Math.max(1, Math.round(read.plusMinusMm)),
        )}
      </p>
      <p class="quiet">Take it into a look of today:</p>
      <div class="acts">
        {#each ITEMS as each (each.item)}
          <a
            class="act small"
            href="/plants/{photo.plantId}/inspect?measured={each.item}:{Math.round(read.mm)}"
            >{each.words}</a
          >
        {/each}
      </div>
    {/if}
  </div>
</div>

<style>
  .measure {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 280px;
    gap: 16px;
    align-items: start;
  }
  .side {
    display: grid;
    gap: 12px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  .read {
    font: 480 22px var(--font-serif);
  }
  @media (max-width: 800px) {
    .measure {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
