<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Saving } from '$lib/api/saving.svelte';
  import DayField from '$lib/forms/DayField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { saved } from '$lib/shell/toaster';
  import { plusDays, short } from '$lib/words/dates';

  interface Props {
    check: Schemas['CheckView'];
    today: string;
    plantId: number;
    close: () => void;
  }
  const { check, today, plantId, close }: Props = $props();
  const client = useQueryClient();
  const saving = new Saving();
  let until = $derived(plusDays(today, 7));
  let reason = $state('');

  async function put(event: SubmitEvent) {
    event.preventDefault();
    const result = await saving.save((headers) =>
      answered(
        api.POST('/api/plants/{id}/checks/{check}/put-off', {
          params: { path: { id: plantId, check: check.id } },
          headers,
          body: { until, reason },
        }),
      ),
    );
    if (!result) return;
    saved(client, `${check.title} put off until ${short(until, today)}`, result);
    close();
  }
</script>

<form onsubmit={put} novalidate>
  <FormHead problem={saving.problem} fields={['until', 'reason']} />
  <DayField label="Until" fault={faultOf(saving.problem, 'until')} bind:value={until} />
  <TextField
    label="Why"
    placeholder="Away until then"
    fault={faultOf(saving.problem, 'reason')}
    bind:value={reason}
  />
  <div class="acts">
    <button class="act small" disabled={saving.busy}>Put it off</button>
    <button type="button" class="link" onclick={close}>Leave it</button>
  </div>
</form>

<style>
  form {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
    grid-column: 1 / -1;
    gap: 10px 16px;
    align-items: end;
    padding: 8px 0;
  }
  .acts {
    display: flex;
    gap: 12px;
    align-items: center;
  }
  .acts button {
    min-height: 44px;
  }
</style>
