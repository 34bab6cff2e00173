<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Trying } from '$lib/api/trying.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import { sentMix, type TypedPart } from '$lib/forms/mix';
  import MixEditor from '$lib/forms/MixEditor.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { lengthIn, lengthUnit, warmthIn, warmthUnit } from '$lib/words/units.svelte';
  import Sum from './Sum.svelte';
  import { numberOf } from '$lib/words/numbers';
  import { rounded } from './typed';

  interface Props {
    choices: Schemas['Choices'];
    latitude: number;
    today: string;
  }
  const { choices, latitude, today }: Props = $props();

  let now = $state('');
  let wanted = $state('');
  let speed = $state('7');
  const reach = new Trying<Schemas['ReachAnswer']>(200);
  $effect(() => {
    const nowMm = lengthIn(now);
    const wantedMm = lengthIn(wanted);
    const mmAWeek = lengthIn(speed);
    if (![now, wanted, speed].every((typed) => numberOf(typed) !== undefined))
      return reach.ask(undefined);
    return reach.ask(() =>
      answered(api.POST('/api/sums/roots', { body: { nowMm, wantedMm, mmAWeek } })),
    );
  });

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

  let mix = $state<TypedPart[]>([{ component: 'BARK_MEDIUM', parts: '1' }]);
  let moisture = $state('DRIES_BETWEEN');
  let months = $state('');
  let warm = $state('');
  const used = new Trying<Schemas['UsedAnswer']>(200);
  $effect(() => {
    const parts = sentMix(mix);
    const wet = moisture as Schemas['UsedAsked']['moisture'];
    const long = numberOf(months);
    const degrees = warmthIn(warm);
    if (long === undefined || numberOf(warm) === undefined) return used.ask(undefined);
    return used.ask(() =>
      answered(
        api.POST('/api/sums/used-life', {
          body: { mix: parts, moisture: wet, months: long, degrees },
        }),
      ),
    );
  });
  const usedSaid = $derived(
    used.answer &&
      (used.answer.percent == null
        ? 'nothing in it decays'
        : `${rounded(used.answer.percent)} % of its life used`),
  );

  let into = $state('');
  let out = $state('');
  const ph = new Trying<Schemas['PhAnswer']>(200);
  $effect(() => {
    const body = { in: numberOf(into), out: numberOf(out) };
    if (body.in === undefined || body.out === undefined) return ph.ask(undefined);
    return ph.ask(() =>
      answered(api.POST('/api/sums/ph', { body: { in: body.in!, out: body.out! } })),
    );
  });
  const phSaid = $derived(ph.answer?.advice.map(({ text }) => text).join(''));

  let conversion = $state('MM_INCHES');
  let value = $state('');
  const converted = new Trying<Schemas['ConversionAnswer']>(200);
  $effect(() => {
    const number = numberOf(value);
    const which = conversion as Schemas['ConversionAsked']['conversion'];
    if (number === undefined) return converted.ask(undefined);
    return converted.ask(() =>
      answered(api.POST('/api/sums/conversions', { body: { conversion: which, value: number } })),
    );
  });
  const convertedSaid = $derived(
    converted.answer &&
      `${value.trim()} ${converted.answer.backUnit} = ${rounded(converted.answer.forth)} ${converted.answer.forthUnit}; ${value.trim()} ${converted.answer.forthUnit} = ${rounded(converted.answer.back)} ${converted.answer.backUnit}`,
  );
  const moistures = $derived(
    choices.moistures.map(({ moisture, words }) => ({ value: moisture as string, words })),
  );
</script>

<Sum
  title="Roots"
  formula="days = (wanted − now) ÷ growth a week × 7, in warm active growth"
  answer={reach.answer && `about ${Math.ceil(reach.answer.days)} days`}
  problem={reach.problem}
>
  <TextField
    label="Now"
    hint={lengthUnit()}
    inputmode="decimal"
    fault={faultOf(reach.problem, 'nowMm')}
    bind:value={now}
  />
  <TextField
    label="Wanted"
    hint={lengthUnit()}
    inputmode="decimal"
    fault={faultOf(reach.problem, 'wantedMm')}
    bind:value={wanted}
  />
  <TextField
    label="Growth a week"
    hint="{lengthUnit()}; its kind says how fast"
    inputmode="decimal"
    fault={faultOf(reach.problem, 'mmAWeek')}
    bind:value={speed}
  />
</Sum>
<Sum
  title="Soak water"
  formula="drop = in − out; what comes out decides what the feed is made up to"
  caution="Acids and alkalis that change pH burn skin and eyes: as their labels say."
  answer={phSaid}
  problem={ph.problem}
>
  <TextField label="pH going in" inputmode="decimal" bind:value={into} />
  <TextField label="pH coming out" inputmode="decimal" bind:value={out} />
</Sum>
<Sum
  title="Used life of a medium"
  formula="months × moisture × warmth ÷ the life of what governs the mix"
  answer={usedSaid}
  problem={used.problem}
>
  <div class="wide">
    <MixEditor bind:mix components={choices.components} fault={faultOf(used.problem, 'mix')} />
  </div>
  <ChoiceField label="Kept" choices={moistures} bind:value={moisture} />
  <TextField
    label="Months in the pot"
    inputmode="decimal"
    fault={faultOf(used.problem, 'months')}
    bind:value={months}
  />
  <TextField label="Warmth" hint={warmthUnit()} inputmode="decimal" bind:value={warm} />
</Sum>
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
<Sum
  title="Units"
  formula="as they stand on labels and in books"
  answer={convertedSaid}
  problem={converted.problem}
>
  <ChoiceField label="Between" choices={choices.conversions} bind:value={conversion} />
  <TextField label="Number" inputmode="decimal" bind:value />
</Sum>

<style>
  .wide {
    grid-column: 1 / -1;
  }
</style>
