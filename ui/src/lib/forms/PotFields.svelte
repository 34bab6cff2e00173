<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { lengthUnit } from '$lib/words/units.svelte';
  import ChoiceField from './ChoiceField.svelte';
  import { faultOf } from './faults';
  import type { TypedPot } from './pot';
  import PotHolds from './PotHolds.svelte';
  import TextField from './TextField.svelte';

  interface Props {
    pot: TypedPot;
    pots: Schemas['Named'][];
    problem: Problem | undefined;
  }
  let { pot = $bindable(), pots, problem }: Props = $props();
</script>

<div class="pot">
  <ChoiceField label="Pot" choices={pots} bind:value={pot.type} />
  <TextField
    label="Across the rim"
    hint="{lengthUnit()}, if you know it"
    inputmode="decimal"
    fault={faultOf(problem, 'pot.diameterMm')}
    bind:value={pot.diameter}
  />
  <TextField
    label="Depth"
    hint={lengthUnit()}
    inputmode="decimal"
    fault={faultOf(problem, 'pot.depthMm')}
    bind:value={pot.depth}
  />
  <TextField
    label="On top"
    hint="moss, pumice, nothing"
    fault={faultOf(problem, 'pot.topLayer')}
    bind:value={pot.topLayer}
  />
</div>
<PotHolds {pot} />

<style>
  .pot {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(126px, 1fr));
    gap: 14px;
    align-items: start;
  }
</style>
