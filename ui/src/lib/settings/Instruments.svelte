<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { KEYS } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { failed } from '$lib/shell/toaster';
  import Waiting from '$lib/forms/Waiting.svelte';

  const client = useQueryClient();
  const instruments = createQuery(() => ({
    queryKey: KEYS.instruments,
    queryFn: () => answered(api.GET('/api/instruments')),
  }));

  const INSTRUMENTS = [
    { key: 'pen', label: 'pH pen' },
    { key: 'sensor', label: 'Grow-space sensor' },
    { key: 'scale', label: 'Kitchen scale' },
  ] as const;
  const CONDITIONS = [
    { value: 'WORKS', words: 'works' },
    { value: 'NOT_ANSWERING', words: 'does not answer' },
    { value: 'OUT_OF_RANGE', words: 'reads out of range' },
    { value: 'FLAT_BATTERY', words: 'has a flat battery' },
  ];

  async function behave(which: string, condition: string) {
    const before = instruments.data;
    if (!before) return;
    const wanted = { ...before, [which]: condition } as Schemas['Instruments'];
    try {
      const now = await answered(api.PUT('/api/instruments', { body: wanted, keepalive: true }));
      client.setQueryData(KEYS.instruments, now);
    } catch (failure) {
      // The choice goes back to what holds.
      client.setQueryData(KEYS.instruments, { ...before });
      failed(failure);
    }
  }
</script>

<section class="sheet fields" aria-labelledby="instruments">
  <h2 id="instruments">Instruments</h2>
  <p class="quiet">
    Stand-ins that come with the program; choose how they behave. Typing a reading in is always
    possible.
  </p>
  <Waiting query={instruments}>
    {#each INSTRUMENTS as each (each.key)}
      <ChoiceField
        label={each.label}
        choices={CONDITIONS}
        bind:value={
          () => instruments.data?.[each.key] ?? 'WORKS', (value) => void behave(each.key, value)
        }
      />
    {/each}
  </Waiting>
</section>

<style>
  .fields {
    display: grid;
    gap: 12px;
  }
</style>
