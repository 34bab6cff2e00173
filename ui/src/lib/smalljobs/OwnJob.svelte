<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { sitePage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import ChoosePlants from '$lib/forms/ChoosePlants.svelte';
  import { faultOf } from '$lib/forms/faults';
  import DayField from '$lib/forms/DayField.svelte';
  import FoldedForm from '$lib/forms/FoldedForm.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import Picks from '$lib/forms/Picks.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { saved } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';
  import { number } from '$lib/words/numbers';

  const WHAT = [
    { value: 'job', words: 'something to do' },
    { value: 'look', words: 'something to look at' },
  ];
  const client = useQueryClient();
  const site = sitePage();
  const saving = new Saving();
  let what = $state('job');
  let words = $state('');
  let on = $state('');
  let every = $state('');
  let chosen = $state<number[]>([]);
  const look = $derived(what === 'look');

  async function give(event: SubmitEvent) {
    event.preventDefault();
    const body = {
      look,
      words,
      on: on || (site.data?.today ?? ''),
      everyWeeks: every.trim() === '' ? 0 : number(every),
      plants: chosen,
    };
    const result = await saving.save((headers) =>
      answered(api.POST('/api/bookings', { headers, body })),
    );
    if (!result) return;
    saved(client, `${words}: ${count(chosen.length, 'plant')}`, result);
    words = '';
    on = '';
    every = '';
    chosen = [];
  }
</script>

<FoldedForm title="A small job or a look of your own" onsubmit={give}>
  <FormHead problem={saving.problem} fields={['words', 'on', 'everyWeeks', 'plants']} />
  <Picks legend="It is" choices={WHAT} value={what} onpick={(value) => (what = value)} />
  <TextField
    label={look ? 'What do you want to know' : 'What is to be done'}
    placeholder={look ? 'Has this growth ripened?' : 'Dark cover round the clear pot'}
    fault={faultOf(saving.problem, 'words')}
    bind:value={words}
  />
  <DayField
    label="From which day"
    hint="today unless you say"
    fault={faultOf(saving.problem, 'on')}
    bind:value={on}
  />
  <TextField
    label="Again every so many weeks"
    hint="once unless you say"
    inputmode="decimal"
    fault={faultOf(saving.problem, 'everyWeeks')}
    bind:value={every}
  />
  <ChoosePlants label="On which plants" fault={faultOf(saving.problem, 'plants')} bind:chosen />
  <button class="act" disabled={saving.busy}
    >{chosen.length ? `Give it to ${count(chosen.length, 'plant')}` : 'Give it to them'}</button
  >
</FoldedForm>
