<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextArea from '$lib/forms/TextArea.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import type { TypedCard } from './editing';

  interface Props {
    form: TypedCard;
    options: Schemas['Choices'];
    problem?: Problem;
    /** What to look for before it is given up. */
    lastChance?: Schemas['PlantPage']['lastChance'];
  }
  let { form = $bindable(), options, problem, lastChance }: Props = $props();
</script>

<div class="two">
  <ChoiceField
    label="Status"
    choices={options.statuses}
    bind:value={
      () => form.card.status, (value) => (form.card.status = value as TypedCard['card']['status'])
    }
  />
  <TextField
    label="Why"
    hint="To whom it went, or what it died of"
    fault={faultOf(problem, 'card.statusReason')}
    bind:value={form.card.statusReason}
  />
  {#if form.card.status === 'LOST' && lastChance}
    <p class="chance" role="status"><Sentence parts={lastChance} today="" /></p>
  {/if}
  <DayField
    label="Kept apart since"
    hint="Empty when it may stand with the others"
    fault={faultOf(problem, 'card.apartSince')}
    bind:value={form.apart}
  />
  <DayField
    label="Held in its pot since"
    hint="In the pot it came in, until roots show"
    fault={faultOf(problem, 'card.heldSince')}
    bind:value={form.held}
  />
  <TextField
    label="Came from"
    fault={faultOf(problem, 'card.cameFrom')}
    bind:value={form.card.cameFrom}
  />
  <TextField label="Price" fault={faultOf(problem, 'card.price')} bind:value={form.card.price} />
</div>
<TextArea label="Notes" fault={faultOf(problem, 'card.notes')} bind:value={form.card.notes} />

<style>
  .chance {
    margin: 0;
    padding: 10px 14px;
    border-radius: 10px;
    background: var(--color-moss-wash);
    grid-column: 1 / -1;
  }
</style>
