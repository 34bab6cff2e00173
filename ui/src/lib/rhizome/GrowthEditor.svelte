<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Picks from '$lib/forms/Picks.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { lengthIn, lengthOut, lengthUnit } from '$lib/words/units.svelte';
  import {
    atTheRim,
    changed,
    degrees,
    grown,
    heading,
    hour,
    named,
    spot,
    without,
    type Growth,
    type PlantMap,
    type Spot,
  } from './map';

  interface Props {
    map: PlantMap;
    name: string;
    stepMm: number;
    choices: Schemas['Choices'];
    /** The pot whose rim is measured to, mm; not asked for unless given. */
    potMm?: number | null;
    middle?: Spot;
    onmap: (map: PlantMap) => void;
    onselect: (name: string | undefined) => void;
  }
  const {
    map,
    name,
    stepMm,
    choices,
    potMm = null,
    middle = { x: 0, y: 0 },
    onmap,
    onselect,
  }: Props = $props();
  const growth = $derived(named(map, name));

  const AMOUNTS = [
    { value: '0', words: 'none' },
    { value: '3', words: 'some' },
    { value: '8', words: 'many' },
  ];
  const YES_NO = [
    { value: 'true', words: 'yes' },
    { value: 'false', words: 'not yet' },
  ];
  const amount = (roots: number) => (roots === 0 ? '0' : roots < 6 ? '3' : '8');

  const away = (growth: Growth) => ({
    x: spot(growth).x - middle.x,
    y: spot(growth).y - middle.y,
  });
  const toRim = $derived(
    growth && potMm ? potMm / 2 - Math.hypot(away(growth).x, away(growth).y) : 0,
  );
  const clock = $derived(growth ? hour(degrees(away(growth))) : 12);

  function measure(typed: string, at: number) {
    const mm = lengthIn(typed);
    if (potMm && Number.isFinite(mm) && at >= 1 && at <= 12)
      onmap(atTheRim(map, name, mm, at, potMm, middle));
  }

  function add() {
    const next = grown(map, name, stepMm);
    onmap(next);
    onselect(next.growths.at(-1)!.name);
  }

  function remove() {
    onmap(without(map, name));
    onselect(undefined);
  }
</script>

{#if growth}
  <div class="editor" role="group" aria-label="Growth {growth.name}">
    <h3>Growth {growth.name}</h3>
    <Picks
      legend="It is"
      choices={choices.fronts}
      value={growth.front}
      onpick={(front) => onmap(changed(map, name, { front: front as Growth['front'] }))}
    />
    <Picks
      legend="Between two fingers"
      choices={choices.firmness}
      value={growth.firmness}
      onpick={(firmness) => onmap(changed(map, name, { firmness: firmness as Growth['firmness'] }))}
    />
    <Picks
      legend="Live roots of its own"
      choices={AMOUNTS}
      value={amount(growth.roots)}
      onpick={(roots) => onmap(changed(map, name, { roots: Number(roots) }))}
    />
    <Picks
      legend="New roots"
      choices={YES_NO}
      value={String(growth.newRoots)}
      onpick={(yes) => onmap(changed(map, name, { newRoots: yes === 'true' }))}
    />
    {#if potMm && growth.front === 'LEAD'}
      <div class="measures">
        <TextField
          label="From the rim"
          hint={lengthUnit()}
          inputmode="decimal"
          bind:value={() => lengthOut(Math.round(toRim)), (typed: string) => measure(typed, clock)}
        />
        <label>
          Towards
          <select
            class="select"
            value={String(clock)}
            onchange={(event) => measure(lengthOut(toRim), Number(event.currentTarget.value))}
          >
            {#each Array.from({ length: 12 }, (_, i) => i + 1) as hour (hour)}
              <option value={String(hour)}>{hour} o’clock</option>
            {/each}
          </select>
        </label>
        <label>
          Grows towards
          <select
            class="select"
            value={String(hour(heading(map, growth)))}
            onchange={(event) =>
              onmap(changed(map, name, { heading: (Number(event.currentTarget.value) % 12) * 30 }))}
          >
            {#each Array.from({ length: 12 }, (_, i) => i + 1) as hour (hour)}
              <option value={String(hour)}>{hour} o’clock</option>
            {/each}
          </select>
        </label>
      </div>
    {/if}
    <div class="more">
      <button type="button" class="act tall" onclick={add}
        >{growth.front === 'LEAD' ? 'One more in front' : 'One more beside it'}</button
      >
      <button type="button" class="act tall" disabled={map.growths.length === 1} onclick={remove}
        >Not there</button
      >
    </div>
  </div>
{/if}

<style>
  .editor {
    padding: 12px 14px;
    border: 1px solid var(--color-rule);
    border-radius: 12px;
    background: var(--color-slip);
  }
  h3 {
    margin: 0 0 8px;
    font: 520 19px var(--font-serif);
  }
  .measures {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin-bottom: 10px;
  }
  .measures label {
    display: grid;
    gap: 4px;
    font-size: 14px;
    align-content: start;
  }
  .more {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
</style>
