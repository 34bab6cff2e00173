<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Trying } from '$lib/api/trying.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { numberOf } from '$lib/words/numbers';
  import Sum from './Sum.svelte';

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
</script>

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
