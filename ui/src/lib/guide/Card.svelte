<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import Picture from './Picture.svelte';

  interface Props {
    card: Schemas['GuideCard'];
    roots: Schemas['RootLengths'];
  }
  const { card, roots }: Props = $props();
</script>

<p class="how">{card.how}</p>
{#if card.caution}<p class="caution">{card.caution}</p>{/if}
<ul>
  {#each card.signs as sign (sign.answer)}
    <li>
      <Picture item={card.item} answer={sign.answer} {roots} />
      <b>{sign.words}</b>
      <span class="quiet">{sign.sign}</span>
    </li>
  {:else}
    <li>
      <Picture item={card.item} {roots} />
      <b>{card.measured}</b>
    </li>
  {/each}
</ul>
<p class="quiet holds">
  Speaks for the plant for {card.holdsGoodDays === 1 ? 'a day' : `${card.holdsGoodDays} days`}.
</p>

<style>
  .how {
    margin: 2px 0 8px;
    font: 480 17px/1.4 var(--font-serif);
  }
  .caution {
    margin: 0 0 10px;
    padding: 6px 10px;
    border-radius: 6px;
    background: var(--color-ochre-wash);
    font-size: 14.5px;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(122px, 1fr));
    gap: 10px;
  }
  li {
    display: flex;
    flex-direction: column;
    padding: 6px 8px 8px;
    border: 1px solid var(--color-rule);
    border-radius: 10px;
    background: var(--color-slip);
    line-height: 1.3;
    break-inside: avoid;
  }
  b {
    font-weight: 650;
  }
  .holds {
    margin: 10px 0 0;
  }
</style>
