<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed, KEYS } from '$lib/api/keys';
  import { Saving } from '$lib/api/saving.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { toaster } from '$lib/shell/toaster';

  /** `inside` is the folder of this collection within the one that was chosen. */
  const { folder, inside }: { folder: string | null; inside: string | null } = $props();
  const client = useQueryClient();
  const saving = new Saving();
  let typed = $state<string>();

  async function save(event: SubmitEvent) {
    event.preventDefault();
    const kept = await saving.save((headers) =>
      answered(
        api.PUT('/api/backups/second', { headers, body: { folder: typed ?? folder ?? '' } }),
      ),
    );
    if (!kept) return;
    typed = undefined;
    client.setQueryData(KEYS.backups, kept);
    void changed(client, 'backups');
    toaster.success({
      title: kept.secondFolder ? 'The backups lie there too' : 'No second place any more',
      duration: 5000,
    });
  }
</script>

<form onsubmit={save} novalidate>
  <FormHead problem={saving.problem} fields={['folder']} />
  <TextField
    label="A second place"
    hint="A folder on another disk, or one that is carried elsewhere by itself; a folder for this collection is made in it. Leave it empty for none."
    fault={faultOf(saving.problem, 'folder')}
    bind:value={() => typed ?? folder ?? '', (text) => (typed = text)}
  />
  {#if inside}
    <p class="quiet">They lie there in {inside}, and nothing else there is touched.</p>
  {/if}
  <button class="act" disabled={saving.busy}>
    {saving.busy ? 'Copying…' : 'Keep there too'}
  </button>
</form>

<style>
  form {
    display: grid;
    gap: 10px;
    justify-items: start;
  }
  form :global(.field) {
    width: 100%;
  }
</style>
