<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { failed, toaster } from '$lib/shell/toaster';

  interface Props {
    recipe: Schemas['RecipeLine'];
  }
  const { recipe }: Props = $props();
  const client = useQueryClient();
  const reread = () => changed(client, 'recipes');

  async function forget() {
    const { name, mix } = recipe;
    try {
      await answered(api.DELETE('/api/recipes/{uid}', { params: { path: { uid: recipe.uid } } }));
      await reread();
      toaster.success({
        title: `${name}: forgotten`,
        duration: 8000,
        action: {
          label: 'Undo',
          onClick: () =>
            void answered(api.POST('/api/recipes', { body: { name, mix } }))
              .then(reread)
              .catch(failed),
        },
      });
    } catch (failure) {
      failed(failure);
    }
  }
</script>

<li>
  <span><b>{recipe.name}</b> <span class="quiet">{recipe.words}</span></span>
  <button
    type="button"
    class="act small"
    aria-label="Forget the recipe {recipe.name}"
    onclick={forget}>×</button
  >
</li>

<style>
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 8px;
    padding: 4px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  .act {
    width: 44px;
    min-height: 44px;
    padding: 0;
  }
</style>
