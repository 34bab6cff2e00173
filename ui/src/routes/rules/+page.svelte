<script lang="ts">
  import { page } from '$app/state';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem, type Schemas } from '$lib/api/client';
  import { rulesPage } from '$lib/api/queries';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import FormFault from '$lib/forms/FormFault.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { toaster } from '$lib/shell/toaster';
  import { measuredIn, measuredOut, unitOf } from '$lib/words/units.svelte';

  const client = useQueryClient();
  const query = rulesPage();
  const chapters = $derived(query.data ?? []);
  const all = $derived(chapters.flatMap((chapter) => chapter.figures));

  /** Values typed and not yet saved; null puts the default back. */
  let changes = $state<Record<string, string | null>>({});
  let would = $state<Schemas['Effect']>();
  let problem = $state<Problem>();
  let sought = $state('');
  let ownOnly = $state(false);
  let newest = 0;

  const changed = $derived(Object.keys(changes));
  const own = $derived(all.filter((figure) => figure.own != null).length);
  const shown = $derived(
    chapters
      .map((chapter) => ({
        ...chapter,
        figures: chapter.figures.filter(
          (figure) =>
            (!ownOnly || figure.own != null || figure.key in changes) &&
            `${figure.key} ${figure.reason} ${chapter.title}`
              .toLowerCase()
              .includes(sought.trim().toLowerCase()),
        ),
      }))
      .filter((chapter) => chapter.figures.length),
  );

  const unitsByKey = $derived(new Map(all.map((figure) => [figure.key, figure.unit])));

  /** The figure in force as it is written. */
  function inForce(figure: Schemas['RuleLine']): string {
    return measuredOut(figure.own ?? figure.standard, figure.unit);
  }

  function values(): Record<string, number> {
    return Object.fromEntries(
      Object.entries(changes).map(([key, typed]) => [
        key,
        typed === null ? (null as unknown as number) : measuredIn(typed, unitsByKey.get(key)),
      ]),
    );
  }

  function type(figure: Schemas['RuleLine'], typed: string) {
    const as = (text: string) => measuredIn(text, figure.unit);
    if (typed.trim() === '' || as(typed) === as(inForce(figure))) delete changes[figure.key];
    else changes[figure.key] = typed;
  }

  $effect(() => {
    const wanted = values();
    const mine = ++newest;
    if (!Object.keys(wanted).length) {
      would = undefined;
      problem = undefined;
      return;
    }
    const timer = setTimeout(async () => {
      try {
        const answer = await answered(api.POST('/api/rules/trial', { body: { values: wanted } }));
        if (mine === newest) {
          would = answer;
          problem = undefined;
        }
      } catch (failure) {
        if (mine === newest) {
          would = undefined;
          problem = failure instanceof Problem ? failure : new Problem(String(failure));
        }
      }
    }, 250);
    return () => clearTimeout(timer);
  });

  async function save() {
    try {
      const saved = await answered(api.PUT('/api/rules', { body: { values: values() } }));
      client.setQueryData(['rules'], saved);
      toaster.success({
        title: `${would?.changed.length ?? 0} verdicts changed with the rules`,
        duration: 6000,
      });
      changes = {};
      for (const key of ['plants', 'plant', 'checks'])
        void client.invalidateQueries({ queryKey: [key] });
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    }
  }

  const faults = $derived(all.map((figure) => figure.key));
  const aimed = $derived(decodeURIComponent(page.url.hash.slice(1)));
  $effect(() => {
    if (chapters.length && aimed)
      document.getElementById(aimed)?.scrollIntoView({ block: 'center' });
  });
</script>

<svelte:head><title>Rules · Mellow Almanac</title></svelte:head>

<div class="top">
  <h1>Rules</h1>
  <span class="quiet">
    {all.length} figures, {own} of your own. Each has its reason; change what you know better.
  </span>
  <a class="link" href="/kinds">Kinds of plants</a>
  <label class="seek">
    <span class="sr-only">Find a figure</span>
    <input class="input" type="search" placeholder="Sour, bark, nubs…" bind:value={sought} />
  </label>
  <label class="tick"
    ><input class="checkbox" type="checkbox" bind:checked={ownOnly} /> only my own</label
  >
</div>

<Waiting {query}>
  <div class="columns" class:trial={changed.length > 0}>
    <div class="chapters">
      {#each shown as chapter (chapter.key)}
        <section class="sheet" aria-labelledby="chapter-{chapter.key}">
          <h2 id="chapter-{chapter.key}">{chapter.title}</h2>
          <ul>
            {#each chapter.figures as figure (figure.key)}
              <li id={figure.key} class:aimed={figure.key === aimed}>
                <span class="why">
                  {figure.reason}
                  <span class="quiet key">{figure.key}</span>
                </span>
                <span class="value">
                  <input
                    class="input"
                    inputmode="decimal"
                    aria-label="{figure.key}, {unitOf(figure.unit)}"
                    aria-invalid={Boolean(faultOf(problem, figure.key))}
                    class:mine={figure.own != null || figure.key in changes}
                    value={figure.key in changes
                      ? (changes[figure.key] ?? measuredOut(figure.standard, figure.unit))
                      : inForce(figure)}
                    oninput={(event) => type(figure, event.currentTarget.value)}
                  />
                  <span class="unit">{unitOf(figure.unit)}</span>
                </span>
                <span class="quiet standard">
                  {#if figure.own != null && changes[figure.key] !== null}
                    default {measuredOut(figure.standard, figure.unit)}
                    <button class="link" onclick={() => (changes[figure.key] = null)}
                      >Put it back</button
                    >
                  {:else if figure.key in changes}
                    default {measuredOut(figure.standard, figure.unit)}
                    <button class="link" onclick={() => delete changes[figure.key]}>Leave it</button
                    >
                  {:else}
                    {measuredOut(figure.least, figure.unit)} to {measuredOut(
                      figure.most,
                      figure.unit,
                    )}
                  {/if}
                </span>
                {#if faultOf(problem, figure.key)}
                  <span class="fault">{faultOf(problem, figure.key)}</span>
                {/if}
              </li>
            {/each}
          </ul>
        </section>
      {:else}
        <p class="quiet">No figure answers to that.</p>
      {/each}
    </div>

    {#if changed.length}
      <aside class="sheet effect" aria-live="polite" aria-labelledby="effect">
        <h2 id="effect">
          {changed.length === 1 ? 'One change' : `${changed.length} changes`}, not saved yet
        </h2>
        <FormFault sentence={otherFaults(problem, faults)} />
        {#if would}
          <p>
            {#if would.changed.length}
              <b>{would.changed.length} of {would.plants} verdicts</b> would change:
            {:else}
              No verdict of your {would.plants} plants would change.
            {/if}
          </p>
          <ul>
            {#each would.changed.slice(0, 30) as plant (plant.plantId)}
              <li class="plant">
                <a class="link" href="/plants/{plant.plantId}">{plant.label}</a>
                <span class="turn">
                  <VerdictMark verdict={plant.before} size={16} />
                  {plant.beforeTitle.toLowerCase()} →
                  <VerdictMark verdict={plant.after} size={16} />
                  {plant.afterTitle.toLowerCase()}
                </span>
              </li>
            {/each}
          </ul>
          {#if would.changed.length > 30}
            <p class="quiet">and {would.changed.length - 30} more</p>
          {/if}
        {:else if !problem}
          <p class="quiet">Judging every plant by it…</p>
        {/if}
        <div class="acts">
          <button class="act go" disabled={!would} onclick={save}>Save</button>
          <button class="act" onclick={() => (changes = {})}>Leave all as it was</button>
        </div>
      </aside>
    {/if}
  </div>
</Waiting>

<style>
  .top {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px 14px;
    margin-bottom: 14px;
  }
  .seek {
    margin-left: auto;
    width: min(240px, 100%);
  }
  .tick {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 44px;
  }
  .columns {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
    align-items: start;
  }
  .columns.trial {
    grid-template-columns: minmax(0, 1fr) 340px;
  }
  .chapters {
    display: grid;
    gap: 16px;
  }
  ul {
    list-style: none;
    padding: 0;
    margin: 6px 0 0;
  }
  .chapters li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 190px 190px;
    gap: 2px 16px;
    align-items: center;
    padding: 7px 0;
    border-top: 1px solid var(--color-rule);
  }
  .chapters li.aimed {
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
    color: var(--color-clay);
    font-weight: 600;
    font-size: 14px;
  }
  .effect {
    position: sticky;
    top: 16px;
    max-height: calc(100vh - 32px);
    overflow: auto;
    border-color: var(--color-plum);
  }
  .plant {
    padding: 5px 0;
    border-top: 1px solid var(--color-rule);
    font-size: 14.5px;
  }
  .turn {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-top: 12px;
  }
  @media (max-width: 900px) {
    .columns.trial {
      grid-template-columns: minmax(0, 1fr);
    }
    .effect {
      position: static;
      order: -1;
    }
    .chapters li {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
