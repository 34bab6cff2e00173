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
  import { measuredBack, warmthIn, warmthOut, warmthUnit } from '$lib/words/units.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { failed, toaster } from '$lib/shell/toaster';

  interface Props {
    /** The place to change; none to add one. */
    place?: Schemas['Place'];
    approaches: Schemas['ApproachChoice'][];
    done: () => void;
  }
  const { place, approaches, done }: Props = $props();
  const client = useQueryClient();
  const options = choices();

  const MONTHS = [
    'Jan',
    'Feb',
    'Mar',
    'Apr',
    'May',
    'Jun',
    'Jul',
    'Aug',
    'Sep',
    'Oct',
    'Nov',
    'Dec',
  ];
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
    MONTHS.map((_, i) => (place?.means?.[i] == null ? '' : warmthOut(place.means[i]))),
  );
  const saving = new Saving();
  const problem = $derived(saving.problem);
  /** What the sensor said, in a sentence. */
  let read = $state('');

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

  async function sensor() {
    if (!place) return;
    try {
      const year = await answered(
        api.POST('/api/instruments/sensor/{placeId}', { params: { path: { placeId: place.id } } }),
      );
      take(year.means);
      read = `${year.days} days read, ${year.fresh} of them new; humidity ${year.humidity} % on the last.`;
    } catch (failure) {
      failed(failure);
    }
  }

  function take(all: number[]) {
    known = all;
    means = all.map((mean) => warmthOut(mean));
  }

  /** Means on a curve between January and July; what is not typed is usual for the season. */
  async function curve() {
    const typed = (mean: string | undefined) => (mean?.trim() ? warmthIn(mean) : undefined);
    try {
      const query = { january: typed(means[0]), july: typed(means[6]) };
      take((await answered(api.GET('/api/places/usual-year', { params: { query } }))).means);
    } catch (failure) {
      failed(failure);
    }
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
  <fieldset>
    <legend>Mean temperature by month, {warmthUnit()}</legend>
    <p class="quiet">
      Empty: nobody has measured, and 20 °C is assumed. From January and July the others can be
      drawn.
      <button type="button" class="link" onclick={curve}>Draw the curve</button>
      {#if place}
        <button type="button" class="link" onclick={sensor}>Take them from the sensor</button>
      {/if}
    </p>
    {#if read}<p class="quiet" role="status">{read}</p>{/if}
    <div class="months">
      {#each MONTHS as month, i (month)}
        <label>{month}<input class="input" inputmode="decimal" bind:value={means[i]} /></label>
      {/each}
    </div>
    {#if faultOf(problem, 'means')}<p class="fault">{faultOf(problem, 'means')}</p>{/if}
  </fieldset>
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
  .two {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
    gap: 14px;
    align-items: start;
  }
  legend {
    font: 520 17px var(--font-serif);
  }
  .months {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(74px, 1fr));
    gap: 8px;
  }
  .months label {
    display: grid;
    font-size: 14px;
  }
</style>
