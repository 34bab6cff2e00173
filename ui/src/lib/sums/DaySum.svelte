<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Trying } from '$lib/api/trying.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import { numberOf } from '$lib/words/numbers';
  import Sum from './Sum.svelte';

  interface Props {
    latitude: number;
    today: string;
  }
  const { latitude, today }: Props = $props();

  // svelte-ignore state_referenced_locally
  let north = $state(String(latitude));
  // svelte-ignore state_referenced_locally
  let on = $state(today);
  const day = new Trying<Schemas['DayAnswer']>(200);
  $effect(() => {
    const body = { latitude: numberOf(north), on };
    if (body.latitude === undefined || !on) return day.ask(undefined);
    return day.ask(() =>
      answered(api.POST('/api/sums/day-length', { body: { ...body, latitude: body.latitude! } })),
    );
  });
  const daySaid = $derived.by(() => {
    if (!day.answer) return undefined;
    const minutes = Math.round(day.answer.hours * 60);
    return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} of light`;
  });
</script>

<Sum
  title="Day length"
  formula="sunrise to sunset at a latitude"
  answer={daySaid}
  problem={day.problem}
>
  <TextField
    label="Latitude"
    hint="degrees north; south with a minus"
    inputmode="decimal"
    fault={faultOf(day.problem, 'latitude')}
    bind:value={north}
  />
  <DayField label="Day" fault={faultOf(day.problem, 'on')} bind:value={on} />
</Sum>
