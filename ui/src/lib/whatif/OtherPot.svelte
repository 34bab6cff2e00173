<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import { typedMix } from '$lib/forms/mix';
  import MixEditor from '$lib/forms/MixEditor.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import type { Problem } from '$lib/api/client';
  import type { Supposed } from './asked';

  interface Props {
    plant: Schemas['PlantPage'];
    choices: Schemas['Choices'];
    problem: Problem | undefined;
    asked: Supposed;
  }
  let { plant, choices, problem, asked = $bindable() }: Props = $props();
</script>

<div class="few">
  <TextField
    label="Potted on"
    hint="A day, a month, a year, or unknown"
    placeholder={plant.potting.pottedOn}
    fault={faultOf(problem, 'pottedOn')}
    bind:value={asked.pottedOn}
  />
  <ChoiceField
    label="Kept"
    unchosen="as it is"
    choices={choices.moistures.map((each) => ({ value: each.moisture, words: each.words }))}
    bind:value={asked.moisture}
  />
</div>
{#if asked.mix.length}
  <MixEditor bind:mix={asked.mix} components={choices.components} fault={faultOf(problem, 'mix')} />
  <button type="button" class="link" onclick={() => (asked.mix = [])}>The mix as it is</button>
{:else}
  <button type="button" class="link" onclick={() => (asked.mix = typedMix(plant.potting.mix))}
    >Another mix than {plant.potting.mixWords}</button
  >
{/if}

<style>
  .few {
    margin-bottom: 14px;
  }
</style>
