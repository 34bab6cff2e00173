<script lang="ts">
  import { tick } from 'svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import Picks from '$lib/forms/Picks.svelte';
  import GrowthMeasures from './GrowthMeasures.svelte';
  import { changed, named, type Growth, type Mark, type MapChange, type PlantMap } from './map';

  interface Props {
    map: PlantMap;
    name: string;
    /** What follows for it, once that is known. */
    mark?: Mark | undefined;
    stepMm: number;
    choices: Schemas['Choices'];
    /** Where it stands in its pot; not asked for unless given. */
    stands?: Schemas['StandView'] | undefined;
    /** The pot it is measured in. */
    pot?: Pick<MapChange, 'potMm' | 'middleX' | 'middleY'> | undefined;
    onmap: (map: PlantMap) => void;
    /** Changed as the program draws it. */
    onredraw: (change: MapChange) => Promise<PlantMap | undefined>;
    onselect: (name: string | undefined) => void;
  }
  const { map, name, mark, stepMm, choices, stands, pot, onmap, onredraw, onselect }: Props =
    $props();
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

  let waiting: Promise<unknown> = Promise.resolve();

  /** One change after the other; a quick second tap is of the growth that is chosen by then. */
  function redraw(
    change: Omit<MapChange, 'name'>,
    then: (map: PlantMap) => void = () => undefined,
  ): void {
    waiting = waiting.then(async () => {
      const next = growth && (await onredraw({ name, ...change }));
      if (next) then(next);
      await tick();
    });
  }

  function measure(toRimMm: number, hour: number) {
    if (pot && Number.isFinite(toRimMm)) redraw({ change: 'AT_THE_RIM', toRimMm, hour, ...pot });
  }

  const add = () =>
    redraw({ change: 'GROWN', stepMm }, (next) => onselect(next.growths.at(-1)!.name));
  const remove = () => redraw({ change: 'GONE' }, () => onselect(undefined));
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
    {#if stands && growth.front === 'LEAD'}
      <GrowthMeasures
        {stands}
        hour={mark?.hour}
        {measure}
        turn={(hour) => redraw({ change: 'TURNED', hour })}
      />
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
  .more {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
</style>
