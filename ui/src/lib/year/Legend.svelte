<script lang="ts">
  const DRAWN = [
    ['open', 'takes a move'],
    ['unsafe', 'roots unsafe'],
    ['shut', 'too dark, cold or hot'],
    ['meant', 'its verdict means'],
    ['rest', 'at rest'],
    ['treated', 'under treatment'],
    ['flower', 'in flower, last year dotted'],
    ['nub', 'nubs'],
    ['medium', 'medium, from due on dark'],
    ['pot', 'bench'],
    ['next', 'next move, about'],
    ['look', 'look'],
  ];
</script>

<ul class="quiet" aria-label="What is drawn">
  {#each DRAWN as [drawn, words] (drawn)}
    <li><i class={drawn}></i>{words}</li>
  {/each}
</ul>

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 18px;
    margin: 8px 0 0;
    font-size: 14px;
  }
  li {
    display: inline-flex;
    gap: 6px;
    align-items: center;
  }
  i {
    display: inline-block;
    width: 22px;
    height: 10px;
    border-radius: 3px;
  }
  .open {
    background: var(--color-year-open);
  }
  .unsafe {
    background: var(--color-year-unsafe);
  }
  .shut {
    height: 5px;
    background: var(--color-year-shut);
  }
  .meant {
    border: 2px solid var(--color-plum);
  }
  .rest {
    background: repeating-linear-gradient(90deg, var(--color-year-rest) 0 2px, transparent 2px 6px);
  }
  .treated {
    height: 3px;
    background: var(--color-clay);
  }
  .flower {
    height: 3px;
    background: var(--color-plum);
  }
  .nub {
    width: 10px;
    background: var(--color-moss);
    clip-path: polygon(50% 0, 100% 100%, 0 100%);
  }
  .medium {
    height: 4px;
    background: var(--color-year-due);
  }
  .pot {
    width: 12px;
    background: var(--color-plum);
    clip-path: polygon(0 0, 100% 0, 75% 100%, 25% 100%);
  }
  .next {
    width: 11px;
    border: 1.6px solid var(--color-plum);
    border-radius: 0 0 4px 4px;
  }
  .look {
    width: 11px;
    height: 11px;
    border: 2px solid var(--color-ink);
    border-radius: 50%;
  }
</style>
