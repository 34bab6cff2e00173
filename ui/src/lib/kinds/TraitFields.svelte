<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import TextField from '$lib/forms/TextField.svelte';
  import { unitOf } from '$lib/words/units.svelte';
  import { typedTrait, type TypedTraits } from './traits';

  interface Props {
    traits: TypedTraits;
    /** Those that are asked for, in their order. */
    asked: Schemas['TraitChoice'][];
    /** The entry they stand in, as faults name it. */
    within: string;
    /** What holds where an entry is left empty; none if nothing may be left empty. */
    otherwise?: Schemas['Traits'];
    problem?: Problem;
  }
  let { traits = $bindable(), asked, within, otherwise, problem }: Props = $props();

  const held = (trait: Schemas['TraitChoice']) =>
    otherwise && typedTrait(trait, otherwise[trait.trait as keyof Schemas['Traits']]);
  const answer = (trait: Schemas['TraitChoice'], value: string | undefined) =>
    trait.answers.find((each) => each.value === value);
</script>

<div class="traits">
  {#each asked as trait (trait.trait)}
    {@const fault = faultOf(problem, `${within}.${trait.trait}`)}
    {#if trait.answers.length}
      <ChoiceField
        label={trait.title}
        choices={trait.answers}
        unchosen={otherwise && `as its kind: ${answer(trait, held(trait))?.words ?? '–'}`}
        hint={answer(trait, traits[trait.trait] || held(trait))?.why ?? undefined}
        {fault}
        bind:value={() => traits[trait.trait] ?? '', (value) => (traits[trait.trait] = value)}
      />
    {:else}
      <TextField
        label={trait.title}
        hint={trait.unit ? unitOf(trait.unit) : undefined}
        inputmode={trait.unit ? 'decimal' : undefined}
        placeholder={held(trait)}
        {fault}
        bind:value={() => traits[trait.trait] ?? '', (value) => (traits[trait.trait] = value)}
      />
    {/if}
  {/each}
</div>

<style>
  .traits {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
    gap: 14px;
    align-items: start;
  }
</style>
