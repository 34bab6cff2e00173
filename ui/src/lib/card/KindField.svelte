<script lang="ts">
  import { Combobox, useListCollection } from '@skeletonlabs/skeleton-svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import Field from '$lib/forms/Field.svelte';
  import { searched, type FoundKind } from './kindSearch';

  interface Props {
    kinds: Schemas['KindChoice'][];
    genera: Schemas['GenusChoice'][];
    /** The key of the chosen kind; empty while none is. */
    value: string;
    hint: string;
    fault?: string;
    /** Whether somebody is in the field; nothing is written under their hands. */
    searching: boolean;
    onchange: () => void;
  }
  let {
    kinds,
    genera,
    value = $bindable(),
    hint,
    fault,
    searching = $bindable(),
    onchange,
  }: Props = $props();

  const chosen = $derived(kinds.find(({ key }) => key === value)?.name ?? '');
  let typed = $derived(chosen);

  const found = $derived(searched(kinds, genera, typed === chosen ? '' : typed));
  const collection = $derived(
    useListCollection<FoundKind>({
      items: found,
      itemToString: ({ name }) => name,
      itemToValue: ({ key }) => key,
    }),
  );

  function choose(key: string | undefined) {
    if (!key || key === value) return;
    value = key;
    onchange();
  }
</script>

<Field label="Kind" {hint} {fault}>
  {#snippet children({ id, describedBy, invalid })}
    <Combobox
      ids={{ input: id }}
      {collection}
      value={value ? [value] : []}
      inputValue={typed}
      onInputValueChange={({ inputValue }) => (typed = inputValue)}
      onValueChange={({ value: keys }) => choose(keys[0])}
      openOnClick
      inputBehavior="autohighlight"
      positioning={{ sameWidth: true }}
    >
      <Combobox.Control>
        <Combobox.Input
          class="input"
          placeholder="A kind or a genus…"
          aria-describedby={describedBy}
          aria-invalid={invalid}
          onfocus={() => (searching = true)}
          onblur={() => (searching = false)}
        />
      </Combobox.Control>
      <Combobox.Positioner>
        <Combobox.Content class="kinds-found">
          {#each found as kind (kind.key)}
            <Combobox.Item item={kind}>
              <Combobox.ItemText>{kind.name}</Combobox.ItemText>
              {#if kind.genera.length}<span class="quiet">{kind.genera.join(', ')}</span>{/if}
            </Combobox.Item>
          {:else}
            <li class="quiet">No kind and no genus of this name; “Other sympodial” fits most.</li>
          {/each}
        </Combobox.Content>
      </Combobox.Positioner>
    </Combobox>
  {/snippet}
</Field>

<style>
  :global(.kinds-found) {
    z-index: 20;
    max-height: 320px;
    padding: 6px;
    overflow-y: auto;
    border: 1px solid var(--color-rule);
    border-radius: 10px;
    background: var(--color-slip);
  }
  :global(.kinds-found li) {
    display: flex;
    flex-wrap: wrap;
    gap: 0 8px;
    align-items: center;
    min-height: 44px;
    padding: 4px 10px;
    border-radius: 8px;
    cursor: pointer;
  }
  :global(.kinds-found li[data-highlighted]) {
    background: var(--color-leaf);
  }
  :global(.kinds-found li[data-state='checked']) {
    font-weight: 600;
  }
</style>
