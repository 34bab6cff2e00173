<script lang="ts">
  import { untrack } from 'svelte';
  import { sentMix, typedMix, type TypedPart } from '$lib/forms/mix';
  import MixEditor from '$lib/forms/MixEditor.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { number } from '$lib/words/numbers';
  import { capital } from '$lib/words/units.svelte';
  import type { AtBench } from './atBench.svelte';

  interface Props {
    line: Schemas['PieceLine'];
    bench: AtBench;
    choices: Schemas['Choices'];
    become: (more: Partial<Schemas['PieceEntry']>) => void;
  }
  /** The mix and the tally of one piece by itself, where they are not those of the plant. */
  const { line, bench, choices, become }: Props = $props();
  let mix = $state<TypedPart[]>(untrack(() => typedMix(line.mix ?? [])));
  const at = $derived(`dividing.pieces.${line.key}`);

  $effect(() => {
    const parts = $state.snapshot(mix);
    untrack(() => {
      const told = sentMix(parts);
      if (JSON.stringify(told) !== JSON.stringify(line.mix ?? []))
        become({ mix: told.length ? told : null });
    });
  });

  function count(fate: string, so: string) {
    const counts = { ...line.tally.counts, [fate]: so.trim() === '' ? 0 : number(so) };
    become({ tally: { counts, byEye: line.tally.byEye } });
  }
</script>

<details class="unfold" open={mix.length > 0 || Object.keys(line.tally.counts).length > 0}>
  <summary>Its own mix, its own roots</summary>
  <MixEditor bind:mix components={choices.components} fault={faultOf(bench.problem, `${at}.mix`)} />
  <div class="counts">
    {#each choices.rootFates as { value, words } (value)}
      <TextField
        label={capital(words)}
        inputmode="numeric"
        fault={faultOf(bench.problem, `${at}.tally.counts.${value}`)}
        bind:value={
          () => String(line.tally.counts[value as keyof typeof line.tally.counts] ?? ''),
          (so: string) => count(value, so)
        }
      />
    {/each}
  </div>
</details>

<style>
  .counts {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(130px, 1fr));
    gap: 8px;
    margin-top: 8px;
  }
</style>
