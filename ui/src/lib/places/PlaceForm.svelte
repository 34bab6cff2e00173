<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { everything } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { Saving } from '$lib/api/saving.svelte';
  import { choices } from '$lib/api/queries';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { optional, shown } from '$lib/words/numbers';
  import { measuredBack, warmthOut } from '$lib/words/units.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import MonthMeans from './MonthMeans.svelte';
  import { toaster } from '$lib/shell/toaster';

  interface Props {
    /** The place to change; none to add one. */
    place?: Schemas['Place'];
    approaches: Schemas['ApproachChoice'][];
    done: () => void;
  }
  const { place, approaches, done }: Props = $props();
  const client = useQueryClient();
  const options = choices();

  // svelte-ignore state_referenced_locally
  let name = $state(place?.name ?? '');
  // svelte-ignore state_referenced_locally
  let kind = $state<string>(place?.kind ?? 'SHELF');
  // svelte-ignore state_referenced_locally
  let lampHours = $state(shown(place?.lampHours));
  // svelte-ignore state_referenced_locally
  let approach = $state<string>(place?.approach ?? '');
  /** What stands in the entries as long as nobody types over it, °C. */
  // svelte-ignore state_referenced_locally
  let known: (number | null | undefined)[] = place?.means ?? [];
  let means = $state(
    Array.from({ length: 12 }, (_, i) => {
      const mean = place?.means?.[i];
      return mean == null ? '' : warmthOut(mean);
    }),
  );
  const saving = new Saving();
  const problem = $derived(saving.problem);
  const fields = ['name', 'lampHours', 'means'];

  async function save(event: SubmitEvent) {
    event.preventDefault();
    const measured = means.some((mean) => mean.trim() !== '');
    const body: Schemas['PlaceEntry'] = {
      name,
      kind: kind as Schemas['PlaceEntry']['kind'],
      lampHours: optional(lampHours),
      means: measured
        ? means.map((mean, i) =>
            mean.trim() === '' ? (null as never) : measuredBack(mean, '°C', known[i]),
          )
        : null,
      approach: (approach || null) as Schemas['PlaceEntry']['approach'],
    };
    const kept = await saving.save((headers) =>
      answered(
        place
          ? api.PUT('/api/places/{id}', { params: { path: { id: place.id } }, headers, body })
          : api.POST('/api/places', { headers, body }),
      ),
    );
    if (!kept) return;
    void everything(client);
    toaster.success({ title: `${name} saved`, duration: 4000 });
    done();
  }
</script>

<form onsubmit={save} novalidate>
  <FormHead {problem} {fields} />
  <div class="two">
    <TextField label="Name" fault={faultOf(problem, 'name')} bind:value={name} />
    <ChoiceField label="It is a" choices={options.data?.placeKinds ?? []} bind:value={kind} />
    <TextField
      label="Lamps"
      hint="Hours a day; empty where the sun alone gives light"
      inputmode="decimal"
      fault={faultOf(problem, 'lampHours')}
      bind:value={lampHours}
    />
    <ChoiceField
      label="Approach here"
      unchosen="that of the collection"
      choices={approaches.map((each) => ({ value: each.approach, words: each.name }))}
      hint={approaches.find((each) => each.approach === approach)?.principle}
      bind:value={approach}
    />
  </div>
  <MonthMeans {place} bind:means take={(all) => (known = all)} fault={faultOf(problem, 'means')} />
  <div class="form-end">
    <button class="act go">Save</button>
    <button type="button" class="link" onclick={done}>Back without saving</button>
  </div>
</form>

<style>
  form {
    display: grid;
    gap: 16px;
    padding: 8px 0 16px;
  }
</style>
