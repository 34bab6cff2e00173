<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Trying } from '$lib/api/trying.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import { sentMix, type TypedPart } from '$lib/forms/mix';
  import MixEditor from '$lib/forms/MixEditor.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { warmthIn, warmthUnit } from '$lib/words/units.svelte';
  import { numberOf } from '$lib/words/numbers';
  import Sum from './Sum.svelte';
  import { rounded } from './typed';

  const { choices }: { choices: Schemas['Choices'] } = $props();

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
  const moistures = $derived(
    choices.moistures.map(({ moisture, words }) => ({ value: moisture as string, words })),
  );
</script>

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

<style>
  .wide {
    grid-column: 1 / -1;
  }
</style>
