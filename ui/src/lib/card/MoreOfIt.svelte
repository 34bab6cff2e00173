<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import DayField from '$lib/forms/DayField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import MixEditor from '$lib/forms/MixEditor.svelte';
  import MoistureField from '$lib/forms/MoistureField.svelte';
  import PotFields from '$lib/forms/PotFields.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Tick from '$lib/forms/Tick.svelte';
  import type { TypedPlant } from './adding';

  interface Props {
    form: TypedPlant;
    choices: Schemas['Choices'];
    problem: Problem | undefined;
  }
  let { form = $bindable(), choices, problem }: Props = $props();
</script>

<div class="more">
  <PotFields bind:pot={form.pot} pots={choices.pots} {problem} />
  <MixEditor bind:mix={form.mix} components={choices.components} fault={faultOf(problem, 'mix')} />
  <MoistureField bind:moisture={form.moisture} moistures={choices.moistures} />

  <div class="two">
    <DayField
      label="Came on"
      hint="The day it came to you; empty if nobody knows"
      fault={faultOf(problem, 'arrivedOn')}
      bind:value={form.arrivedOn}
    />
    <Tick label="It came without live roots" bind:checked={form.cameRootless} />
    <TextField label="Came from" fault={faultOf(problem, 'cameFrom')} bind:value={form.cameFrom} />
    <TextField
      label="Price"
      hint="If you want to keep it"
      fault={faultOf(problem, 'price')}
      bind:value={form.price}
    />
    <Tick label="Keep it apart, and look it over now" bind:checked={form.apart} />
    <Tick label="Hold it in the pot it came in" bind:checked={form.held} />
  </div>
</div>

<style>
  .more {
    display: grid;
    gap: 18px;
    padding-top: 10px;
  }
</style>
