<script lang="ts">
  import { faultOf } from '$lib/forms/faults';
  import type { TypedPart } from '$lib/forms/mix';
  import TextField from '$lib/forms/TextField.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import {
    lengthIn,
    lengthOut,
    lengthUnit,
    volumeIn,
    volumeOut,
    volumeUnit,
  } from '$lib/words/units.svelte';
  import type { AtBench } from './atBench.svelte';

  interface Props {
    bench: AtBench;
    choices: Schemas['Choices'];
    mix: TypedPart[];
  }
  const { bench, choices, mix }: Props = $props();
  const told = $derived(bench.told.fill ?? { bottomMm: null, topMm: null, back: {} });
  const inert = $derived(
    choices.components.filter(
      ({ component, organic }) =>
        !organic && component !== 'MOUNT' && mix.some((part) => part.component === component),
    ),
  );

  const layer = (mm: number | null | undefined) => (mm == null ? '' : lengthOut(mm));
  function layered(which: 'bottomMm' | 'topMm', typed: string) {
    const mm = typed.trim() === '' ? null : lengthIn(typed);
    bench.tell({ fill: { ...told, [which]: mm } });
  }
  const backSaid = (ml: number | undefined) => (ml ? volumeOut(ml, 'large') : '');
  function back(component: string, typed: string) {
    const ml = typed.trim() === '' ? 0 : volumeIn(typed, 'large');
    bench.tell({ fill: { ...told, back: { ...told.back, [component]: ml } } });
  }
</script>

<details class="unfold">
  <summary>Layers, and what goes back into the stock</summary>
  <div class="layers">
    <TextField
      label="Under the mix"
      hint={lengthUnit()}
      inputmode="decimal"
      fault={faultOf(bench.problem, 'pot.depthMm')}
      bind:value={() => layer(told.bottomMm), (typed: string) => layered('bottomMm', typed)}
    />
    <TextField
      label="On top of it"
      hint={lengthUnit()}
      inputmode="decimal"
      bind:value={() => layer(told.topMm), (typed: string) => layered('topMm', typed)}
    />
    {#each inert as each (each.component)}
      <TextField
        label="Boiled {each.words}"
        hint="{volumeUnit('large')} that go back into the stock"
        inputmode="decimal"
        fault={faultOf(bench.problem, `fill.back.${each.component}`)}
        bind:value={
          () => backSaid(told.back[each.component]), (typed: string) => back(each.component, typed)
        }
      />
    {/each}
  </div>
  {#if inert.length}
    <p class="caution">
      <b>Mind.</b> Steam, and a pan that boils over: a large pan, half full.
    </p>
  {/if}
</details>

<style>
  .layers {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
  }
  .caution {
    margin: 10px 0 0;
    padding: 10px 14px;
    border-radius: 10px;
    background: var(--color-ochre-wash);
  }
</style>
