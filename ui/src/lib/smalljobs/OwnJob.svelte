<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { Saving } from '$lib/api/saving.svelte';
  import ChoosePlants from '$lib/forms/ChoosePlants.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FoldedForm from '$lib/forms/FoldedForm.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { saved } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';

  const client = useQueryClient();
  const saving = new Saving();
  let task = $state('');
  let chosen = $state<number[]>([]);
  async function give(event: SubmitEvent) {
    event.preventDefault();
    const result = await saving.save((headers) =>
      answered(api.POST('/api/small-jobs', { headers, body: { task, plants: chosen } })),
    );
    if (!result) return;
    saved(client, `${task}: ${count(chosen.length, 'plant')}`, result);
    task = '';
    chosen = [];
  }
</script>

<FoldedForm title="A small job of your own" onsubmit={give}>
  <FormHead problem={saving.problem} fields={['task', 'plants']} />
  <TextField
    label="What is to be done"
    placeholder="Dark cover round the clear pot"
    fault={faultOf(saving.problem, 'task')}
    bind:value={task}
  />
  <ChoosePlants label="On which plants" fault={faultOf(saving.problem, 'plants')} bind:chosen />
  <button class="act" disabled={saving.busy}
    >{chosen.length ? `Give it to ${count(chosen.length, 'plant')}` : 'Give it to them'}</button
  >
</FoldedForm>
