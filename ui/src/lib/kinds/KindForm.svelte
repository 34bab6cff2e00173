<script lang="ts">
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { Saving } from '$lib/api/saving.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import TraitFields from './TraitFields.svelte';
  import { sentTraits, traitPaths, typedTraits } from './traits';

  interface Props {
    /** What the entries begin with. */
    kind: Schemas['KindLine'];
    /** Whether it becomes a kind of its own. */
    copy: boolean;
    asked: Schemas['TraitChoice'][];
    saved: (kind: Schemas['KindLine']) => void;
    close: () => void;
  }
  const { kind, copy, asked, saved, close }: Props = $props();

  // svelte-ignore state_referenced_locally
  let name = $state(copy ? `${kind.name}, copy` : kind.name);
  // svelte-ignore state_referenced_locally
  let traits = $state(typedTraits(kind.traits, asked));
  const saving = new Saving();
  const problem = $derived(saving.problem);

  async function save(event: SubmitEvent) {
    event.preventDefault();
    const body = { name, traits: sentTraits(traits, asked, kind.traits) };
    const result = await saving.save((headers) =>
      answered(
        copy
          ? api.POST('/api/kinds', { headers, body })
          : api.PUT('/api/kinds/{key}', { headers, params: { path: { key: kind.key } }, body }),
      ),
    );
    if (result) saved(result);
  }
</script>

<form onsubmit={save} novalidate>
  <FormHead {problem} fields={['name', ...traitPaths('traits', asked)]} />
  <TextField label="Name" fault={faultOf(problem, 'name')} bind:value={name} />
  <TraitFields bind:traits {asked} within="traits" {problem} />
  <div class="form-end">
    <button class="act go" disabled={saving.busy}>Save</button>
    <button type="button" class="link" onclick={close}>Back without saving</button>
  </div>
</form>

<style>
  form {
    display: grid;
    gap: 16px;
    padding: 6px 0 20px;
  }
</style>
