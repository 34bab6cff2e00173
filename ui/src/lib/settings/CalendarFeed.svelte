<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { KEYS } from '$lib/api/keys';
  import { calendarAddress } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';

  const client = useQueryClient();
  const address = calendarAddress();
  const saving = new Saving();
  const whole = $derived(address.data ? location.origin + address.data.path : '');
  let copied = $state(false);

  async function renew() {
    const result = await saving.save((headers) =>
      answered(api.POST('/api/calendar/renewal', { headers })),
    );
    if (!result) return;
    client.setQueryData(KEYS.calendar, result);
    copied = false;
  }

  async function copy() {
    await navigator.clipboard.writeText(whole);
    copied = true;
  }
</script>

<section class="sheet" aria-labelledby="calendar">
  <h2 id="calendar">In your calendar</h2>
  <p class="quiet">
    Rounds and bench days as events, each look as something to do in its days. Subscribe to this
    address with a calendar that can reach this machine; what changes there follows.
  </p>
  <FormHead problem={saving.problem} fields={[]} />
  <Waiting query={address}>
    <p class="address">{whole}</p>
    <div class="acts">
      <button type="button" class="act" onclick={copy}>{copied ? 'Copied' : 'Copy it'}</button>
      <a class="act" href={address.data?.path} download="mellow-almanac.ics" data-sveltekit-reload
        >Download</a
      >
      <button type="button" class="act" disabled={saving.busy} onclick={renew}
        >Another address</button
      >
    </div>
    <p class="quiet">
      Whoever knows the address may read the calendar, without a passphrase. Another address ends
      the former one.
    </p>
  </Waiting>
</section>

<style>
  p {
    margin: 0 0 8px;
  }
  .address {
    padding: 8px 10px;
    border: 1px solid var(--color-rule);
    border-radius: 8px;
    font-size: 13.5px;
    overflow-wrap: anywhere;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-bottom: 8px;
  }
</style>
