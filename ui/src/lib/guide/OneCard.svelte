<script lang="ts">
  import { fieldGuide } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import Card from './Card.svelte';

  interface Props {
    item: string;
    /** What to do when somebody goes on to all cards. */
    left: () => void;
  }
  const { item, left }: Props = $props();
  const query = fieldGuide();
  const card = $derived(query.data?.cards.find((each) => each.item === item));
</script>

<Waiting {query}>
  {#if card && query.data}
    <h2>{card.title}</h2>
    <Card {card} roots={query.data.roots} />
  {/if}
</Waiting>
<a class="link" href="/guide#{item}" onclick={left}>The whole field guide</a>
