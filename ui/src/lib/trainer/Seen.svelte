<script lang="ts">
  import Picture from '$lib/guide/Picture.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    seen: Schemas['CaseSeen'][];
    roots: Schemas['RootLengths'] | undefined;
    today: string;
  }
  const { seen, roots, today }: Props = $props();
</script>

<ul>
  {#each seen as each (each.title)}
    <li>
      {#if roots}
        <Picture item={each.item} answer={each.answers[0] ?? ''} {roots} />
      {/if}
      <span class="title">{each.title}</span>
      <span><Sentence parts={each.words} {today} /></span>
    </li>
  {/each}
</ul>

<style>
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(92px, 1fr));
    gap: 8px;
  }
  li {
    display: flex;
    flex-direction: column;
    padding: 4px 8px 7px;
    border: 1px solid var(--color-rule);
    border-radius: 10px;
    background: var(--color-slip);
    font-size: 14px;
    line-height: 1.25;
  }
  .title {
    color: var(--color-ink-2);
    font-size: 13.5px;
  }
</style>
