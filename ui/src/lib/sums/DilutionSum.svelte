<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Trying } from '$lib/api/trying.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import { volumeIn, volumeSaid, volumeUnit } from '$lib/words/units.svelte';
  import Sum from './Sum.svelte';
  import { numberOf } from '$lib/words/numbers';

  type Asked = Schemas['DilutionAsked'];
  interface Props {
    choices: Pick<Schemas['Choices'], 'substances' | 'uses'>;
  }
  const { choices }: Props = $props();

  let what = $state('PEROXIDE');
  let use = $state('PLANT');
  let stock = $state('');
  let wanted = $state('');
  let ml = $state('');
  const trying = new Trying<Schemas['Dilution']>(200);
  const problem = $derived(trying.problem);

  $effect(() => {
    const body = {
      what: what as Asked['what'],
      use: use as Asked['use'],
      stockPercent: numberOf(stock),
      wantedPercent: numberOf(wanted),
      wantedMl: numberOf(ml) === undefined ? undefined : volumeIn(ml, 'small'),
    };
    const { stockPercent, wantedPercent, wantedMl } = body;
    if (stockPercent === undefined || wantedPercent === undefined || wantedMl === undefined)
      return trying.ask(undefined);
    return trying.ask(() =>
      answered(
        api.POST('/api/sums/dilution', {
          body: { ...body, stockPercent, wantedPercent, wantedMl },
        }),
      ),
    );
  });
  const answer = $derived(
    trying.answer
      ? `${volumeSaid(trying.answer.stockMl)} of it, ${volumeSaid(trying.answer.waterMl)} of water`
      : undefined,
  );
</script>

<Sum
  title="Make it weaker"
  formula="C₁V₁ = C₂V₂: strength times amount stays the same"
  caution="Gloves and eye protection over 3 % peroxide. Never mix bleach with acids, ammonia or alcohol, nor peroxide with vinegar. The label comes first."
  {answer}
  {problem}
>
  <ChoiceField label="What" choices={choices.substances} bind:value={what} />
  <ChoiceField
    label="For"
    choices={choices.uses}
    fault={faultOf(problem, 'use')}
    bind:value={use}
  />
  <TextField
    label="It has, %"
    inputmode="decimal"
    fault={faultOf(problem, 'stockPercent')}
    bind:value={stock}
  />
  <TextField
    label="Wanted, %"
    inputmode="decimal"
    fault={faultOf(problem, 'wantedPercent')}
    bind:value={wanted}
  />
  <TextField
    label="How much, {volumeUnit('small')}"
    inputmode="decimal"
    fault={faultOf(problem, 'wantedMl')}
    bind:value={ml}
  />
</Sum>
