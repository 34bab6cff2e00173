<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { goto } from '$app/navigation';
  import { answered, api } from '$lib/api/client';
  import { everything } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { sendFile } from '$lib/api/files';
  import { sitePage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { undoable } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import { bringBack } from './backups';

  const client = useQueryClient();
  const site = sitePage();
  const saving = new Saving();
  let arrival = $state<Schemas['ArrivalView']>();
  let name = $state('');

  async function look(input: HTMLInputElement) {
    const file = input.files?.[0];
    input.value = '';
    if (!file) return;
    name = file.name;
    arrival = await saving.save((headers) =>
      sendFile<Schemas['ArrivalView']>('/api/package/arrivals', file, 'application/zip', {
        headers,
      }),
    );
  }

  async function take(uid: string) {
    const taken = await saving.save((headers) =>
      answered(api.POST('/api/package/arrivals/{uid}', { headers, params: { path: { uid } } })),
    );
    if (!taken) return;
    arrival = undefined;
    await goto('/');
    await everything(client);
    undoable(`${name} is the collection now`, () => bringBack(client, taken.before));
  }

  async function leave() {
    arrival = undefined;
    await saving.save((headers) => answered(api.DELETE('/api/package/arrivals', { headers })));
  }
</script>

<section class="sheet" aria-labelledby="carried">
  <h2 id="carried">Take it with you</h2>
  <p class="quiet">
    Everything that was ever written down, and every photograph, as one zip file of plain tables
    that any spreadsheet opens; and back again, here or on another machine.
  </p>
  <a class="act" href="/api/package" download>Save all as a file</a>
  <FormHead problem={saving.problem} fields={[]} />
  {#if saving.busy}
    <p role="status">Reading the whole file…</p>
  {:else if arrival}
    <div class="sure" role="group" aria-label="Take {name} in">
      <p>
        {name} holds {count(arrival.plants, 'plant')}, {count(arrival.acts, 'entry', 'entries')} in the
        journals and {count(arrival.photographs, 'photograph')}{arrival.lastEntry
          ? `; the last entry is of ${short(arrival.lastEntry, site.data?.today ?? '')}`
          : ''}. It takes the place of what there is now, which is backed up first, so that this can
        be undone.
      </p>
      <button type="button" class="act go" onclick={() => take(arrival!.uid)}>Take it in</button>
      <button type="button" class="act" onclick={leave}>Leave it</button>
    </div>
  {:else if site.data?.demo}
    <p class="quiet">
      This is the demo; a file is taken in where your own collection is open (./almanac run).
    </p>
  {:else}
    <label class="act">
      Take a file in…
      <input
        type="file"
        accept=".zip,application/zip"
        class="sr-only"
        onchange={(event) => look(event.currentTarget)}
      />
    </label>
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 12px;
    justify-items: start;
    grid-column: 1 / -1;
  }
  h2,
  p {
    margin: 0;
  }
  label:focus-within {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
  }
  .sure {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    padding: 12px 14px;
    border-radius: 10px;
    background: var(--color-ochre-wash);
  }
  .sure p {
    flex-basis: 100%;
    overflow-wrap: anywhere;
  }
</style>
