<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { bookings, sitePage } from '$lib/api/queries';
  import { Saving } from '$lib/api/saving.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { saved } from '$lib/shell/toaster';
  import { short } from '$lib/words/dates';

  const client = useQueryClient();
  const booked = bookings();
  const site = sitePage();
  const saving = new Saving();
  const today = $derived(site.data?.today ?? '');

  async function takeBack({ plantId, uid, words }: Schemas['BookingLine']) {
    const result = await saving.save((headers) =>
      answered(
        api.DELETE('/api/plants/{id}/bookings/{uid}', {
          headers,
          params: { path: { id: plantId, uid } },
        }),
      ),
    );
    if (result) saved(client, `No longer booked: ${words}`, result);
  }
</script>

{#if booked.data?.length}
  <section class="sheet" aria-labelledby="booked">
    <h2 id="booked">Booked by you</h2>
    <FormFault sentence={saving.problem?.message} />
    <ul>
      {#each booked.data as line (line.uid)}
        <li>
          <span>
            <a class="link" href="/plants/{line.plantId}">{line.name}</a>: {line.words}
            <span class="quiet"
              >{line.look ? 'a look' : 'a small job'}, {short(line.on, today)}{line.everyWeeks
                ? `, every ${line.everyWeeks} weeks`
                : ''}</span
            >
          </span>
          <button class="act small" disabled={saving.busy} onclick={() => takeBack(line)}
            >Take it back</button
          >
        </li>
      {/each}
    </ul>
  </section>
{/if}

<style>
  h2 {
    margin: 0 0 4px;
  }
  li {
    display: flex;
    gap: 12px;
    align-items: center;
    justify-content: space-between;
    padding: 6px 0;
    border-top: 1px solid var(--color-rule);
  }
  .act {
    flex: none;
    min-height: 44px;
  }
</style>
