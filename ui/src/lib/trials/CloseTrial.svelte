<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { Saving } from '$lib/api/saving.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FoldedForm from '$lib/forms/FoldedForm.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextArea from '$lib/forms/TextArea.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { saved } from '$lib/shell/toaster';

  interface Props {
    trial: Schemas['TrialLine'];
  }
  const { trial }: Props = $props();
  const client = useQueryClient();
  const saving = new Saving();
  let words = $state('');
  const early = $derived(trial.state === 'UNDER_WAY');

  async function close(event: SubmitEvent) {
    event.preventDefault();
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/trials/{uid}/end', {
          params: { path: { uid: trial.uid } },
          headers,
          body: { words },
        }),
      ),
    );
    if (result) saved(client, `“${trial.name}” is closed`, result);
  }
</script>

<FoldedForm title={early ? 'Give it up before its day' : 'Close it'} open={!early} onsubmit={close}>
  {#if early}
    <p class="quiet">What is given up before its day comes to no conclusion.</p>
  {/if}
  <FormHead problem={saving.problem} fields={['words']} />
  <TextArea
    label="What came of it, in a sentence of yours"
    fault={faultOf(saving.problem, 'words')}
    bind:value={words}
  />
  <button class="act go" disabled={saving.busy}>Close the trial</button>
</FoldedForm>
