<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { labelRead } from '$lib/api/queries';
  import type { TypedPlant } from './adding';
  import KindField from './KindField.svelte';

  interface Props {
    form: TypedPlant;
    choices: Schemas['Choices'];
    fault: string | undefined;
  }
  let { form = $bindable(), choices, fault }: Props = $props();
  const kind = $derived(choices.kinds.find(({ key }) => key === form.kind));
  const read = labelRead(() => form.label.trim());
  const genus = $derived(read.data?.genus ?? undefined);
  /** The kind that was proposed by the name, until another is chosen. */
  let proposed = $state('');
  let searching = $state(false);
  const kindHint = $derived.by(() => {
    if (!kind) {
      const proposal = choices.kinds.find(({ key }) => key === genus?.kind);
      return proposal
        ? `By its genus ${proposal.name}; it is taken when you go on`
        : 'Decides how it is judged';
    }
    if (proposed !== form.kind) return `Takes a move ${kind.readyWhen}`;
    return genus?.sure
      ? `By its genus; takes a move ${kind.readyWhen}`
      : `A guess by its genus, in which roots differ; takes a move ${kind.readyWhen}`;
  });

  function chooseKind() {
    if (kind) form.moisture = kind.moisture;
  }

  /** Taken unless somebody is in the field, or has chosen another. */
  $effect(() => {
    if (searching || !genus || form.kind === genus.kind || (form.kind && form.kind !== proposed))
      return;
    form.kind = proposed = genus.kind;
    chooseKind();
  });
</script>

<KindField
  kinds={choices.kinds}
  genera={choices.genera}
  hint={kindHint}
  {fault}
  bind:value={form.kind}
  bind:searching
  onchange={chooseKind}
/>
