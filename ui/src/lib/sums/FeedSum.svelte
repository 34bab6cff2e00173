<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Trying } from '$lib/api/trying.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import Sum from './Sum.svelte';
  import { units, WATER } from '$lib/words/units.svelte';
  import { numberOf } from '$lib/words/numbers';
  import { rounded } from './typed';

  const STRENGTHS = [
    { value: '1', words: 'full' },
    { value: '0.5', words: 'half (seedlings)' },
    { value: '0.25', words: 'a quarter' },
  ];

  let perLitre = $state('');
  let litres = $state('');
  let strength = $state('0.5');
  let label = $state('');
  const trying = new Trying<Schemas['FeedAnswer']>(200);
  const problem = $derived(trying.problem);
  const water = $derived(WATER[units.volume]);

  $effect(() => {
    const per = numberOf(perLitre);
    const much = numberOf(litres);
    const labelPercent = numberOf(label) ?? null;
    const strong = Number(strength);
    if (per === undefined || much === undefined) return trying.ask(undefined);
    return trying.ask(() =>
      answered(
        api.POST('/api/sums/feed', {
          body: {
            perLitre: per / water.litres,
            litres: much * water.litres,
            strength: strong,
            labelPercent,
          },
        }),
      ),
    );
  });
  const answer = $derived(
    trying.answer
      ? `${rounded(trying.answer.dose)} in ${litres.trim()} ${water.several}` +
          (trying.answer.ppm == null ? '' : `, ${rounded(trying.answer.ppm)} ppm`)
      : undefined,
  );
</script>

<Sum
  title="Feed"
  formula="dose = what the label says {water.one} × {water.several} × strength; ppm = mg a litre × share"
  caution="Keep feeds from children and pets; the label comes first."
  {answer}
  {problem}
>
  <TextField
    label="Label, {water.one}"
    hint="g or ml at full strength"
    inputmode="decimal"
    fault={faultOf(problem, 'perLitre')}
    bind:value={perLitre}
  />
  <TextField
    label="Water, {water.several}"
    inputmode="decimal"
    fault={faultOf(problem, 'litres')}
    bind:value={litres}
  />
  <ChoiceField
    label="Strength"
    choices={STRENGTHS}
    fault={faultOf(problem, 'strength')}
    bind:value={strength}
  />
  <TextField
    label="Share, %"
    hint="nitrogen on the label, for ppm"
    inputmode="decimal"
    fault={faultOf(problem, 'labelPercent')}
    bind:value={label}
  />
</Sum>
