<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import { backupList, sitePage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { toaster } from '$lib/shell/toaster';
  import BackupRow from './BackupRow.svelte';
  import { bytes } from './bytes';
  import SecondPlace from './SecondPlace.svelte';

  const client = useQueryClient();
  const list = backupList();
  const site = sitePage();
  const saving = new Saving();
  const FEW = 5;
  let all = $state(false);

  const today = $derived(site.data?.today ?? '');
  const shown = $derived((list.data?.backups ?? []).slice(0, all ? undefined : FEW));
  async function take() {
    const taken = await saving.save((headers) => answered(api.POST('/api/backups', { headers })));
    if (!taken) return;
    void changed(client, 'backups');
    toaster.success({ title: 'Backed up, and proven by opening it', duration: 5000 });
  }
</script>

<section class="sheet kept" id="kept" aria-labelledby="kept-safe">
  <h2 id="kept-safe">Kept safe</h2>
  <p class="quiet">
    What the program says is saved is on the disk, and not only on its way to it. Every day it takes
    a backup by itself, opens it and counts what is in it; seven days, five weeks and twelve months
    are kept.
  </p>
  <Waiting query={list}>
    {#if list.data}
      <FormHead problem={saving.problem} fields={[]} />
      {#if list.data.backups.length}
        <ul>
          {#each shown as backup (backup.name)}
            <li><BackupRow {backup} {today} /></li>
          {/each}
        </ul>
        {#if list.data.backups.length > FEW}
          <button type="button" class="link" onclick={() => (all = !all)}
            >{all ? 'Fewer' : `All ${list.data.backups.length}`}</button
          >
        {/if}
      {:else}
        <p>None yet; the first is taken as soon as there is something to keep.</p>
      {/if}
      <p class="quiet">
        They lie in {list.data.folder}{list.data.bytes
          ? ` and take ${bytes(list.data.bytes)}`
          : ''}.
      </p>
      <button type="button" class="act" disabled={saving.busy} onclick={take}
        >{saving.busy ? 'Working…' : 'Back up now'}</button
      >
      <SecondPlace
        folder={list.data.secondFolder ?? null}
        inside={list.data.inSecondFolder ?? null}
      />
    {/if}
  </Waiting>
</section>

<style>
  .kept {
    display: grid;
    gap: 12px;
    justify-items: start;
    grid-column: 1 / -1;
  }
  .kept h2,
  .kept p {
    margin: 0;
  }
  .kept p {
    overflow-wrap: anywhere;
  }
  ul {
    width: 100%;
  }
  li {
    border-top: 1px solid var(--color-rule);
    padding: 8px 0;
  }
  .kept :global(form) {
    width: min(560px, 100%);
  }
</style>
