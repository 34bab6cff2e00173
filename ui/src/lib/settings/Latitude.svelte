<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { everything, KEYS } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { Saving } from '$lib/api/saving.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { number } from '$lib/words/numbers';
  import TextField from '$lib/forms/TextField.svelte';
  import { toaster } from '$lib/shell/toaster';
  import { CITIES } from '$lib/site/cities';

  const { site }: { site: Schemas['SiteView'] } = $props();
  const client = useQueryClient();
  const saving = new Saving();
  const problem = $derived(saving.problem);
  let typed = $state<string>();
  const latitude = $derived(typed ?? String(site.latitude));

  async function save(event: SubmitEvent) {
    event.preventDefault();
    const moved = await saving.save((headers) =>
      answered(api.PUT('/api/site', { headers, body: { latitude: number(latitude) } })),
    );
    if (!moved) return;
    client.setQueryData(KEYS.site, moved);
    typed = undefined;
    void everything(client);
    toaster.success({ title: 'The light of your year is drawn anew', duration: 5000 });
  }
</script>

<form class="sheet" onsubmit={save} novalidate>
  <FormHead {problem} fields={['latitude']} />
  <TextField
    label="Latitude"
    hint={site.placed
      ? 'Degrees, north positive; it gives the length of the days'
      : 'Not set yet: 50° is assumed. Degrees, north positive'}
    inputmode="decimal"
    fault={faultOf(problem, 'latitude')}
    bind:value={() => latitude, (text) => (typed = text)}
  />
  <ChoiceField
    label="Or the nearest city"
    unchosen="…"
    choices={CITIES.map(([name, degrees]) => ({ value: `${degrees}|${name}`, words: name }))}
    bind:value={
      () => '',
      (value) => {
        if (value) typed = value.split('|')[0];
      }
    }
  />
  <button class="act go" disabled={saving.busy}>Save</button>
</form>

<style>
  form {
    display: grid;
    gap: 14px;
    justify-items: start;
  }
  form :global(.field) {
    width: 100%;
  }
</style>
