<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { recipeList } from '$lib/api/queries';
  import { faultOf } from '$lib/forms/faults';
  import { sentMix, typedMix, type TypedPart } from '$lib/forms/mix';
  import MixEditor from '$lib/forms/MixEditor.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { failed, toaster } from '$lib/shell/toaster';
  import type { AtBench } from './atBench.svelte';
  import Layers from './Layers.svelte';
  import { mixTaken } from './mixTaken';
  import Portions from './Portions.svelte';

  interface Props {
    bench: AtBench;
    choices: Schemas['Choices'];
    mix: TypedPart[];
  }
  let { bench, choices, mix = $bindable() }: Props = $props();
  const client = useQueryClient();
  const recipes = recipeList();
  const fill = $derived(bench.job.fill);
  let name = $state('');

  async function keepRecipe() {
    try {
      await answered(api.POST('/api/recipes', { body: { name, mix: sentMix(mix) } }));
      toaster.success({ title: `Kept as “${name}”`, duration: 4000 });
      name = '';
      await changed(client, 'recipes');
    } catch (failure) {
      failed(failure);
    }
  }
</script>

{#if recipes.data?.length}
  <div class="recipes" role="group" aria-label="Recipes">
    {#each recipes.data as recipe (recipe.uid)}
      <button
        type="button"
        class="choice"
        aria-pressed={mixTaken(sentMix(mix), recipe.mix)}
        onclick={() => (mix = typedMix(recipe.mix))}
        ><b>{recipe.name}</b> <span class="quiet">{recipe.words}</span></button
      >
    {/each}
  </div>
{/if}
<div class="fill">
  <div>
    <MixEditor bind:mix components={choices.components} fault={faultOf(bench.problem, 'mix')} />
    <details class="unfold">
      <summary>Keep this mix by name</summary>
      <TextField label="Name of the recipe" bind:value={name} />
      <button type="button" class="act tall" disabled={!name.trim()} onclick={keepRecipe}
        >Keep it</button
      >
    </details>
  </div>
  <div aria-live="polite">
    {#if fill}
      <Portions {fill} />
    {:else}
      <p class="quiet">
        How much of what is worked out once the pot is measured across and in depth.
      </p>
    {/if}
    <Layers {bench} {choices} {mix} />
  </div>
</div>

<style>
  .recipes {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin-bottom: 14px;
  }
  .recipes button {
    --least: 56px;
    padding: 6px 16px;
    font-size: 15px;
  }
  .fill {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
    gap: 20px;
    align-items: start;
  }
</style>
