<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { choices, kindList } from '$lib/api/queries';
  import KindForm from '$lib/kinds/KindForm.svelte';
  import KindRow from '$lib/kinds/KindRow.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';
  import { failed, toaster } from '$lib/shell/toaster';

  type Kind = Schemas['KindLine'];
  const client = useQueryClient();
  const query = kindList();
  const options = choices();

  /** The kind that is open, to be changed or copied. */
  let open = $state<{ key: string; copy: boolean }>();

  function toggle(kind: Kind) {
    const same = open?.key === kind.key && !open.copy;
    open = same ? undefined : { key: kind.key, copy: false };
  }

  async function again() {
    open = undefined;
    await changed(client, 'rules');
  }

  async function saved(kind: Kind) {
    await again();
    toaster.success({ title: `${kind.name} saved; its plants are judged by it`, duration: 5000 });
  }

  async function reset(kind: Kind) {
    try {
      await answered(api.DELETE('/api/kinds/{key}', { params: { path: { key: kind.key } } }));
    } catch (failure) {
      failed(failure);
    }
    await again();
  }
</script>

<svelte:head><title>Kinds of plants · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Kinds of plants</h1>
  <span class="quiet">How each kind grows and when it takes a move. Change one, or copy one.</span>
  <a class="link" href="/rules">All figures</a>
</div>

<Waiting {query}>
  <ul class="sheet">
    {#each query.data ?? [] as kind (kind.key)}
      <li>
        <KindRow
          {kind}
          open={open?.key === kind.key}
          reset={() => reset(kind)}
          copy={() => (open = { key: kind.key, copy: true })}
          change={() => toggle(kind)}
        />
        {#if open?.key === kind.key && options.data}
          {#key open.copy}
            <KindForm
              {kind}
              copy={open.copy}
              asked={options.data.traits}
              {saved}
              close={() => (open = undefined)}
            />
          {/key}
        {/if}
      </li>
    {/each}
  </ul>
</Waiting>

<style>
  ul {
    padding: 4px 18px;
  }
  li:not(:last-child) {
    border-bottom: 1px solid var(--color-rule);
  }
</style>
