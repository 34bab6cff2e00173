<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { KEYS } from '$lib/api/keys';
  import { network } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import PassphraseField from '$lib/entrance/PassphraseField.svelte';
  import { entrance } from '$lib/api/entrance.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { failed } from '$lib/shell/toaster';
  import Devices from './Devices.svelte';
  import WayIn from './WayIn.svelte';

  const client = useQueryClient();
  const home = network();
  const saving = new Saving();
  let passphrase = $state('');
  let choosing = $state(false);

  async function turn(open: boolean, chosen?: string) {
    const view = await saving.save((headers) =>
      answered(api.PUT('/api/network', { headers, body: { open, passphrase: chosen || null } })),
    );
    if (!view) return;
    passphrase = '';
    choosing = false;
    client.setQueryData(KEYS.network, view);
  }

  function choose(event: SubmitEvent) {
    event.preventDefault();
    void turn(true, passphrase);
  }

  async function leave() {
    try {
      await answered(api.DELETE('/api/entrance'));
      entrance.leave();
    } catch (problem) {
      failed(problem);
    }
  }
</script>

<section class="sheet" aria-labelledby="network">
  <h2 id="network">On other devices at home</h2>
  {#if home.data}
    {@const data = home.data}
    {#if data.way}
      <WayIn way={data.way} />
    {:else}
      <p class="quiet">
        Now it is open on this machine alone. It can be opened to the phone and the tablet of the
        house: encrypted, and to nobody without the passphrase.
      </p>
    {/if}
    {#if data.trouble}
      <p class="fault" role="alert">It could not be opened: {data.trouble}.</p>
    {/if}
    {#if !data.here}
      <p class="quiet">It is opened, closed and given a passphrase on the machine where it runs.</p>
      <button type="button" class="act" onclick={leave}>Let this device out</button>
    {:else if choosing || !data.chosen}
      <form onsubmit={choose} novalidate>
        <FormHead problem={saving.problem} fields={['passphrase']} />
        <PassphraseField
          label={data.chosen ? 'A new passphrase' : 'Passphrase'}
          hint={data.chosen
            ? 'Every device has to come in anew by it'
            : 'Three or four words; each device is asked once'}
          fault={faultOf(saving.problem, 'passphrase')}
          chosen
          bind:value={passphrase}
        />
        <div class="acts">
          <button class="act go" disabled={saving.busy}>
            {saving.busy ? 'Opening…' : 'Open it at home'}
          </button>
          {#if data.chosen}
            <button type="button" class="act" onclick={() => (choosing = false)}>Leave it</button>
          {/if}
        </div>
      </form>
    {:else}
      <FormHead problem={saving.problem} fields={[]} />
      <div class="acts">
        <button
          type="button"
          class="act"
          class:go={!data.way}
          disabled={saving.busy}
          onclick={() => turn(!data.way)}
        >
          {data.way ? 'Close it' : saving.busy ? 'Opening…' : 'Open it at home'}
        </button>
        <button type="button" class="act" onclick={() => (choosing = true)}
          >Another passphrase…</button
        >
      </div>
    {/if}
    <Devices devices={data.devices} />
  {/if}
</section>

<style>
  section,
  form {
    display: grid;
    gap: 12px;
    justify-items: start;
  }
  section {
    grid-column: 1 / -1;
  }
  form {
    width: min(420px, 100%);
  }
  form :global(.field) {
    width: 100%;
  }
  h2,
  p {
    margin: 0;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
  }
</style>
