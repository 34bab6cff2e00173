<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { failed, toaster } from '$lib/shell/toaster';
  import { lengthSaid } from '$lib/words/units.svelte';
  import Amount from './Amount.svelte';
  import type { StockLine } from './amounts';

  interface Props {
    line: StockLine;
    choices: Schemas['Choices'];
  }
  const { line, choices }: Props = $props();
  const client = useQueryClient();
  const name = $derived(
    line.pot
      ? `${line.words}, ${lengthSaid(line.pot.diameterMm!)}${line.pot.depthMm ? `, ${lengthSaid(line.pot.depthMm)} deep` : ''}`
      : line.words,
  );

  async function put(amount: number) {
    await answered(
      api.PUT('/api/stock/{uid}', { params: { path: { uid: line.uid } }, body: { amount } }),
    );
    await changed(client, 'stock');
  }

  async function count(amount: number) {
    const before = line.amount;
    if (amount === before) return;
    try {
      await put(amount);
      toaster.success({
        title: `${name}: counted`,
        duration: 8000,
        action: { label: 'Undo', onClick: () => void put(before).catch(failed) },
      });
    } catch (failure) {
      failed(failure);
    }
  }

  async function remove() {
    const { pot, component, grade, words, amount } = line;
    try {
      await answered(api.DELETE('/api/stock/{uid}', { params: { path: { uid: line.uid } } }));
      await changed(client, 'stock');
      toaster.success({
        title: `${name}: no longer kept`,
        duration: 8000,
        action: {
          label: 'Undo',
          onClick: () =>
            void answered(
              api.POST('/api/stock', {
                body: {
                  pot: pot ?? null,
                  component: component ?? null,
                  grade: grade ?? null,
                  name: pot || component ? null : words,
                  amount,
                },
              }),
            )
              .then(() => changed(client, 'stock'))
              .catch(failed),
        },
      });
    } catch (failure) {
      failed(failure);
    }
  }
</script>

<li class:out={line.amount === 0}>
  <span class="name">{name}</span>
  <Amount {line} {name} {choices} {count} />
  <button type="button" class="act small drop" aria-label="No longer keep {name}" onclick={remove}
    >×</button
  >
</li>

<style>
  li {
    display: flex;
    align-items: center;
    gap: 8px;
    padding: 6px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  .name {
    flex: 1;
    min-width: 0;
  }
  .out {
    color: var(--color-clay);
  }
  .act {
    width: 44px;
    min-height: 44px;
    padding: 0;
  }
</style>
