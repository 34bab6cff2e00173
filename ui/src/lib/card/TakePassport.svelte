<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { goto } from '$app/navigation';
  import { answered, api } from '$lib/api/client';
  import { everything } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { sendFile } from '$lib/api/files';
  import { placeList } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { failed, undoable } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';

  const client = useQueryClient();
  const places = placeList();
  const saving = new Saving();
  let passport = $state<Schemas['PassportView']>();
  let place = $state('');
  let newPlace = $state('');

  async function look(input: HTMLInputElement) {
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    passport = await saving.save((headers) =>
      sendFile<Schemas['PassportView']>('/api/passports', file, 'application/zip', { headers }),
    );
  }

  async function take(event: SubmitEvent) {
    event.preventDefault();
    const { uid, name } = passport!;
    const came = await saving.save((headers) =>
      answered(
        api.POST('/api/passports/{uid}', {
          headers,
          params: { path: { uid } },
          body: { placeId: place ? Number(place) : null, newPlace: place ? null : newPlace },
        }),
      ),
    );
    if (!came) return;
    passport = undefined;
    await everything(client);
    await goto(`/plants/${came.plant}`);
    undoable(`${name} came in with its history`, () => takeOut(came.acts));
  }

  async function takeOut(acts: string[]) {
    try {
      await answered(api.POST('/api/acts/withdrawals', { body: { acts } }));
      await goto('/plants');
      await everything(client);
    } catch (problem) {
      failed(problem);
    }
  }
</script>

{#if passport}
  <form class="sheet" aria-label="Take {passport.name} in" onsubmit={take} novalidate>
    <p>
      <b>{passport.name}</b>, {passport.kindName}, with {count(
        passport.entries,
        'entry',
        'entries',
      )} in its journal and {count(passport.photographs, 'photograph')}.
    </p>
    <FormHead problem={saving.problem} fields={['placeId', 'newPlace']} />
    <ChoiceField
      label="Where it is to stand"
      unchosen="Choose…"
      fault={faultOf(saving.problem, 'placeId')}
      choices={(places.data ?? []).map(({ id, name }) => ({ value: String(id), words: name }))}
      bind:value={place}
    />
    {#if !place}
      <TextField
        label={places.data?.length ? 'Or in a new place' : 'The place it stands in'}
        hint="A sill, a shelf, a room; more of it can be told later"
        fault={faultOf(saving.problem, 'newPlace')}
        bind:value={newPlace}
      />
    {/if}
    <div class="form-end">
      <button class="act go" disabled={saving.busy}>
        {saving.busy ? 'Taking it in…' : 'Take it in with its history'}
      </button>
      <button type="button" class="link" onclick={() => (passport = undefined)}>Leave it</button>
    </div>
  </form>
{:else}
  <FormHead problem={saving.problem} fields={[]} />
  <p class="quiet">
    Many at once? <a class="link" href="/plants/sheet">Bring in a list</a> from a spreadsheet. It
    came from somebody who keeps it here too?
    <label class="link">
      Take in its file<input
        type="file"
        accept=".zip,application/zip"
        class="sr-only"
        onchange={(event) => look(event.currentTarget)}
      /></label
    >, and its history comes along.
  </p>
{/if}

<style>
  form {
    display: grid;
    gap: 14px;
    max-width: 760px;
    margin-bottom: 16px;
    padding: 18px 22px;
  }
  p {
    margin: 0 0 14px;
  }
  form p {
    margin: 0;
  }
  label {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    cursor: pointer;
  }
  label:focus-within {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
  }
</style>
