<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Trying } from '$lib/api/trying.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import { lengthIn, lengthUnit } from '$lib/words/units.svelte';
  import { numberOf } from '$lib/words/numbers';
  import Sum from './Sum.svelte';

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
