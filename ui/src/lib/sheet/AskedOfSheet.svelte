<script lang="ts">
  import { count } from '$lib/words/counts';
  import { partial } from '$lib/words/dates';
  import type { Decisions, Reading } from './broughtIn';

  interface Props {
    reading: Reading;
    said: Decisions;
    say: (change: Partial<Decisions>) => Promise<void>;
  }
  const { reading, said, say }: Props = $props();
  const example = $derived(reading.days.example);
  const UNITS = [
    { unit: 'MM', words: 'mm' },
    { unit: 'CM', words: 'cm' },
    { unit: 'INCH', words: 'inches' },
  ] as const;
</script>

{#if example || reading.bareSizes}
  <section class="sheet" aria-labelledby="asked">
    <h2 id="asked">To be sure</h2>
    {#if example}
      <fieldset>
        <legend>
          {count(reading.days.either, 'day')} can be read in two ways. What is
          <b>{example.written}</b>?
        </legend>
        <label>
          <input
            type="radio"
            class="radio"
            name="order"
            checked={said.dayFirst}
            onchange={() => say({ dayFirst: true })}
          />
          {partial(example.dayFirst)}
        </label>
        <label>
          <input
            type="radio"
            class="radio"
            name="order"
            checked={!said.dayFirst}
            onchange={() => say({ dayFirst: false })}
          />
          {partial(example.monthFirst)}
        </label>
        <p class="quiet">
          {reading.days.proven
            ? 'Chosen by the other days of the list, which can only be read one way.'
            : 'Nothing in the list tells; please look.'}
        </p>
      </fieldset>
    {/if}
    {#if reading.bareSizes}
      <fieldset>
        <legend>The width of {count(reading.bareSizes, 'pot')} bears no unit. It is in</legend>
        {#each UNITS as each (each.unit)}
          <label>
            <input
              type="radio"
              class="radio"
              name="unit"
              checked={said.potUnit === each.unit}
              onchange={() => say({ potUnit: each.unit })}
            />
            {each.words}
          </label>
        {/each}
      </fieldset>
    {/if}
  </section>
{/if}

<style>
  section {
    display: grid;
    gap: 12px;
    align-content: start;
  }
  h2,
  p {
    margin: 0;
  }
  fieldset {
    display: flex;
    flex-wrap: wrap;
    gap: 6px 20px;
    margin: 0;
    padding: 0;
    border: 0;
  }
  legend {
    margin-bottom: 4px;
    padding: 0;
  }
  label {
    display: inline-flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    cursor: pointer;
  }
  fieldset p {
    flex-basis: 100%;
    font-size: 14px;
  }
</style>
