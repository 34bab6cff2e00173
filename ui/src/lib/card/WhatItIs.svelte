<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import Tick from '$lib/forms/Tick.svelte';
  import type { TypedCard } from './editing';

  interface Props {
    form: TypedCard;
    options: Schemas['Choices'];
    places: Schemas['Place'][];
    problem?: Problem;
  }
  let { form = $bindable(), options, places, problem }: Props = $props();
</script>

<div class="two">
  <TextField
    label="Number"
    fault={faultOf(problem, 'card.number') ?? faultOf(problem, 'number')}
    bind:value={form.card.number}
  />
  <TextField
    label="Name on the label"
    hint="Letter by letter, mistakes and all"
    fault={faultOf(problem, 'card.label')}
    bind:value={form.card.label}
  />
  <TextField
    label="Believed to be"
    hint="Empty if the label is believed"
    fault={faultOf(problem, 'card.believed')}
    bind:value={form.card.believed}
  />
  <TextField
    label="Confirmed on flowering"
    hint="Empty until it has flowered true"
    fault={faultOf(problem, 'card.confirmed')}
    bind:value={form.card.confirmed}
  />
  <TextField
    label="Its flowers"
    hint="Colour, shape, scent: they tell swapped tags apart"
    fault={faultOf(problem, 'card.flowers')}
    bind:value={() => form.card.flowers ?? '', (words: string) => (form.card.flowers = words)}
  />
  <TextField
    label="Parents"
    fault={faultOf(problem, 'card.parents')}
    bind:value={form.card.parents}
  />
  <TextField
    label="Divided from"
    hint="The number of the mother plant"
    fault={faultOf(problem, 'card.motherId')}
    bind:value={form.mothers}
  />
  <ChoiceField
    label="Kind"
    choices={options.kinds.map((each) => ({ value: each.key, words: each.name }))}
    fault={faultOf(problem, 'kind')}
    bind:value={form.kind}
  />
  <ChoiceField
    label="Place"
    choices={places.map((each) => ({
      value: String(each.id),
      words: each.name,
    }))}
    fault={faultOf(problem, 'placeId')}
    bind:value={form.place}
  />
  <ChoiceField
    label="What you want of it"
    choices={options.aims.map((each) => ({ value: each.aim, words: each.words }))}
    bind:value={form.aim}
  />
  <ChoiceField
    label="Approach"
    unchosen="that of its place or the collection"
    choices={options.approaches.map((each) => ({
      value: each.approach,
      words: each.name,
    }))}
    hint={options.approaches.find((each) => each.approach === form.approach)?.principle}
    bind:value={form.approach}
  />
  <DayField
    label="Came on"
    hint="Empty if nobody knows"
    fault={faultOf(problem, 'arrivedOn')}
    bind:value={form.arrivedOn}
  />
  <Tick label="It came without live roots" bind:checked={form.rootless} />
</div>
