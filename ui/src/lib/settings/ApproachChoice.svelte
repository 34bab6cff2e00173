<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed, KEYS } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { choices, collectionApproach } from '$lib/api/queries';
  import { failed, toaster } from '$lib/shell/toaster';

  const client = useQueryClient();
  const options = choices();
  const approach = collectionApproach();

  async function choose(chosen: Schemas['Chosen']['approach']) {
    try {
      const now = await answered(api.PUT('/api/approach', { body: { approach: chosen } }));
      client.setQueryData(KEYS.approach, now);
      void changed(client, 'rules');
      toaster.success({ title: 'Every plant is judged by it now', duration: 4000 });
    } catch (failure) {
      failed(failure);
    }
  }
</script>

<section class="sheet" aria-labelledby="approach">
  <h2 id="approach">Approach</h2>
  <p class="quiet">
    Good growers differ. What you choose here holds wherever a place or a plant has no approach of
    its own. <a class="link" href="/rules/apart">Where they part today</a>
  </p>
  {#each options.data?.approaches ?? [] as each (each.approach)}
    <label class="approach">
      <input
        class="radio"
        type="radio"
        name="approach"
        value={each.approach}
        checked={approach.data?.approach === each.approach}
        onchange={() => choose(each.approach)}
      />
      <span><b>{each.name}</b><br /><span class="quiet">{each.principle}</span></span>
    </label>
  {/each}
</section>

<style>
  .approach {
    display: flex;
    gap: 12px;
    align-items: center;
    min-height: 52px;
    cursor: pointer;
  }
</style>
