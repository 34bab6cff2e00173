<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { answered, api } from '$lib/api/client';
  import { askAgain, changed, KEYS } from '$lib/api/keys';
  import { failed, toaster } from '$lib/shell/toaster';
  import HaveReady from '$lib/bench/HaveReady.svelte';
  import BatchLine from '$lib/bench/BatchLine.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { ofAll } from '$lib/trials/halves';

  const uid = $derived(page.params.uid ?? '');
  const client = useQueryClient();
  const query = createQuery(() => ({
    queryKey: KEYS.batch(uid),
    queryFn: () => answered(api.GET('/api/batches/{uid}', { params: { path: { uid } } })),
    staleTime: 0,
  }));
  const batch = $derived(query.data);
  const open = $derived(batch?.plants.filter(({ job }) => job) ?? []);
  const next = $derived(open[0]);
  const unchecked = $derived(batch?.plants.filter(({ tagChecked }) => !tagChecked) ?? []);

  async function check(plant: number, right: boolean) {
    try {
      await answered(
        api.PUT('/api/batches/{uid}/tags', { params: { path: { uid } }, body: { plant, right } }),
      );
    } catch (failure) {
      failed(failure);
    }
    await askAgain(client, KEYS.batch(uid));
  }

  async function told(what: 'same' | 'done', plant: number, done: string) {
    try {
      const params = { path: { uid } };
      const page = await answered(
        what === 'same'
          ? api.POST('/api/batches/{uid}/same', { params, body: { like: plant } })
          : api.POST('/api/batches/{uid}/done', { params, body: { plant } }),
      );
      client.setQueryData(KEYS.batch(uid), page);
      if (what === 'done') void changed(client, 'journal');
      void changed(client, 'jobs');
      toaster.success({ title: done, duration: 6000 });
    } catch (failure) {
      failed(failure);
      await askAgain(client, KEYS.batch(uid));
    }
  }

  async function apart() {
    try {
      const params = { path: { uid } };
      client.setQueryData(
        KEYS.batch(uid),
        await answered(api.DELETE('/api/batches/{uid}/same', { params })),
      );
      void changed(client, 'jobs');
    } catch (failure) {
      failed(failure);
      await askAgain(client, KEYS.batch(uid));
    }
  }

  async function end() {
    try {
      await answered(api.DELETE('/api/batches/{uid}', { params: { path: { uid } } }));
      void changed(client, 'jobs');
      toaster.success({ title: 'All done, and every tag on its plant', duration: 6000 });
      await goto('/bench');
    } catch (failure) {
      failed(failure);
    }
  }
</script>

<svelte:head><title>Several at the bench · Mellow Almanac</title></svelte:head>

<Waiting {query}>
  {#if batch}
    <div class="page-head">
      <h1>{batch.plants.length} plants together</h1>
      <span class="quiet">
        {open.length ? `${open.length} to be done` : 'all done; now their tags'}
      </span>
    </div>
    {#if open.length}
      <HaveReady {batch} />
    {/if}
    {#if batch.alike}
      <p class="alike">
        {batch.alike === 1 ? 'One other was' : `${batch.alike} others were`} told the same.
        <button type="button" class="act tall" onclick={apart}>Take that back</button>
      </p>
    {/if}
    <ul class="plants">
      {#each batch.plants as plant (plant.plantId)}
        <BatchLine {plant} next={plant.job === next?.job} others={open.length - 1} {told} {check} />
      {/each}
    </ul>
    {#if !open.length}
      <p class="quiet">
        Here is where tags are swapped: hold each one against the plant it stands in.
      </p>
      <button type="button" class="act tall go" disabled={unchecked.length > 0} onclick={end}
        >All tags are right</button
      >
      <a class="link" href={ofAll(batch.plants.map(({ plantId }) => plantId))}
        >Hold one half against the other</a
      >
    {/if}
  {/if}
</Waiting>

<style>
  .alike {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 12px;
    margin: 12px 0 0;
  }
  .plants {
    margin: 14px 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(300px, 1fr));
    gap: 12px;
  }
</style>
