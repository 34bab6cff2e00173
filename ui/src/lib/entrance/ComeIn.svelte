<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { Saving } from '$lib/api/saving.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { deviceName, entrance } from '$lib/api/entrance.svelte';
  import PassphraseField from './PassphraseField.svelte';

  const client = useQueryClient();
  const saving = new Saving();
  let passphrase = $state('');
  let device = $state(deviceName(navigator.userAgent));

  async function comeIn(event: SubmitEvent) {
    event.preventDefault();
    const done = await saving.save(async (headers) => {
      await answered(api.POST('/api/entrance', { headers, body: { passphrase, device } }));
      return true;
    });
    if (!done) return;
    entrance.out = false;
    await client.resetQueries();
  }
</script>

<main id="page">
  <form class="sheet" onsubmit={comeIn} novalidate>
    <h1>Mellow Almanac</h1>
    <p>
      This device was not let in yet. The passphrase is the one that was chosen where the program
      runs.
    </p>
    <FormHead problem={saving.problem} fields={['passphrase', 'device']} />
    <PassphraseField
      label="Passphrase"
      fault={faultOf(saving.problem, 'passphrase')}
      bind:value={passphrase}
    />
    <TextField
      label="Name of this device"
      hint="So that you know it in the list"
      fault={faultOf(saving.problem, 'device')}
      bind:value={device}
    />
    <button class="act go" disabled={saving.busy}>{saving.busy ? 'Looking…' : 'Come in'}</button>
    <p class="quiet">
      To be put on the home screen and opened without the program, a phone has to trust
      <a class="link" href="/api/entrance/certificate" download>this certificate</a>; compare its
      fingerprint with the one in the settings first.
    </p>
  </form>
</main>

<style>
  main {
    display: grid;
    place-items: center;
    min-height: 100vh;
    padding: 14px;
    background: var(--color-paper);
  }
  form {
    display: grid;
    gap: 14px;
    width: min(420px, 100%);
    padding: 24px;
  }
  h1,
  p {
    margin: 0;
  }
</style>
