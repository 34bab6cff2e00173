<script lang="ts">
  import { untrack } from 'svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import Picks from '$lib/forms/Picks.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Tick from '$lib/forms/Tick.svelte';
  import { faultOf } from '$lib/forms/faults';
  import type { AtBench } from './atBench.svelte';

  interface Props {
    bench: AtBench;
    choices: Schemas['Choices'];
  }
  const { bench, choices }: Props = $props();
  type Ending = Schemas['EndingEntry'];

  const ending = $derived(bench.told.ending);
  let why = $state(untrack(() => bench.told.ending?.why ?? ''));
  const give = $derived(ending?.became === 'GIVEN_AWAY');

  function tell(more: Partial<Ending>) {
    if (!ending && !more.became) return;
    bench.tell({ ending: { why, bulbSaved: false, ...ending, ...more } as Ending });
  }
</script>

<Picks
  legend="What becomes of it"
  choices={choices.lastWords}
  value={ending?.became ?? ''}
  onpick={(became) => tell({ became: became as Ending['became'] })}
/>
{#if ending && ending.became !== 'STAYS'}
  <Tick
    label="A firm bulb with an eye was saved: a plant of its own from now on"
    bind:checked={() => ending.bulbSaved, (bulbSaved) => tell({ bulbSaved })}
  />
  <TextField
    label={give ? 'To whom' : 'What it died of'}
    hint="It stands in its journal, and on its papers"
    fault={faultOf(bench.problem, 'ending.why')}
    bind:value={() => why, (typed) => ((why = typed), tell({ why: typed }))}
  />
{/if}
