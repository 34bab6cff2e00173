<script lang="ts">
  import { page } from '$app/state';
  import { fieldGuide } from '$lib/api/queries';
  import Card from '$lib/guide/Card.svelte';
  import Waiting from '$lib/forms/Waiting.svelte';

  const query = fieldGuide();
  const sections = $derived([
    ...Map.groupBy(query.data?.cards ?? [], (card) => card.section).entries(),
  ]);
  const aimed = $derived(decodeURIComponent(page.url.hash.slice(1)));
  $effect(() => {
    if (query.data && aimed) document.getElementById(aimed)?.scrollIntoView({ block: 'start' });
  });
</script>

<svelte:head><title>Field guide · Mellow Almanac</title></svelte:head>

<div class="page-head">
  <h1>Field guide</h1>
  <span class="quiet">How each look is taken, and by what each answer is known.</span>
  <button class="act small print" type="button" onclick={() => print()}>Print</button>
</div>

<Waiting {query}>
  <nav class="index" aria-label="Parts of the field guide">
    {#each sections as [section, cards] (section)}
      <a class="act small" href="#{section}">{cards[0]!.sectionTitle}</a>
    {/each}
  </nav>
  {#each sections as [section, cards] (section)}
    <h2 id={section}>{cards[0]!.sectionTitle}</h2>
    <div class="cards">
      {#each cards as card (card.item)}
        <section
          class="sheet"
          id={card.item}
          aria-labelledby="title-{card.item}"
          class:aimed={card.item === aimed}
        >
          <h3 id="title-{card.item}">{card.title}</h3>
          <Card {card} roots={query.data!.roots} />
        </section>
      {/each}
    </div>
  {/each}
</Waiting>

<style>
  .print {
    margin-left: auto;
  }
  .index {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
  h2 {
    margin: 22px 0 10px;
    scroll-margin-top: 12px;
  }
  .cards {
    columns: 500px 2;
    column-gap: 14px;
  }
  .sheet {
    break-inside: avoid;
    margin-bottom: 14px;
    scroll-margin-top: 12px;
  }
  .aimed {
    border-color: var(--color-plum);
  }
  @media (max-width: 700px) {
    .index .act {
      min-height: 44px;
    }
  }
  @media print {
    .print,
    .index {
      display: none;
    }
    .cards {
      columns: 1;
    }
    .sheet {
      background: none;
    }
    h2 {
      break-after: avoid;
    }
  }
</style>
