<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Trying } from '$lib/api/trying.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { numberOf } from '$lib/words/numbers';
  import Sum from './Sum.svelte';
  import { rounded } from './typed';

  const { choices }: { choices: Schemas['Choices'] } = $props();

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
</script>

<Sum
  title="Units"
  formula="as they stand on labels and in books"
  answer={convertedSaid}
  problem={converted.problem}
>
  <ChoiceField label="Between" choices={choices.conversions} bind:value={conversion} />
  <TextField label="Number" inputmode="decimal" bind:value />
</Sum>
