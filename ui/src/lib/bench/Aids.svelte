<script lang="ts">
  import { untrack } from 'svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { capital } from '$lib/words/units.svelte';
  import type { AtBench } from './atBench.svelte';

  interface Props {
    bench: AtBench;
    choices: Schemas['Choices'];
  }
  /** What was given to the roots: noted by its name, so that it can be compared later. */
  const { bench, choices }: Props = $props();
  let used = $state<Record<string, string>>(untrack(() => ({ ...bench.told.aids })));

  function give(aid: string, name: string) {
    used[aid] = name;
    bench.tell({ aids: $state.snapshot(used) });
  }
</script>

<details class="unfold" open={Object.values(used).some(Boolean)}>
  <summary>Given to the roots: a dip, slow feed, an infusion</summary>
  {#each choices.aids as { value, words } (value)}
    <TextField
      label={capital(words)}
      hint="what it is; its label comes first"
      fault={faultOf(bench.problem, `aids.${value}`)}
      bind:value={() => used[value] ?? '', (typed: string) => give(value, typed)}
    />
  {/each}
</details>

<style>
  details :global(label) {
    margin-top: 8px;
  }
</style>
