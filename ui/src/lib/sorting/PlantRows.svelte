<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import Sentence from '$lib/words/Sentence.svelte';
  import { dateOf, moveOf, sinceOf, type Order } from './sieve';

  interface Props {
    plants: Schemas['PlantLine'][];
    selected: number[];
    select: (id: number) => void;
    today: string;
    order: Order;
  }
  const { plants, selected, select, today, order }: Props = $props();

  const SCREENFUL = 120;
  let most = $state(SCREENFUL);
</script>

<ul class="sheet">
  {#each plants.slice(0, most) as plant (plant.id)}
    <li>
      <label class="choose">
        <input
          class="checkbox"
          type="checkbox"
          aria-label="Choose {plant.name}"
          checked={selected.includes(plant.id)}
          onchange={() => select(plant.id)}
        />
      </label>
      <a href="/plants/{plant.id}">
        <VerdictMark verdict={plant.verdict} size={22} />
        <span class="who">
          <b>{plant.name}</b>
          <span class="quiet">
            {plant.title}{sinceOf(plant, today)}{plant.asideOn ? ' · aside' : ''}{plant.apartSince
              ? ' · kept apart'
              : ''}{plant.treated ? ' · under treatment' : ''}{plant.heldSince ? ' · held' : ''}
            {#if plant.reason}· <Sentence parts={plant.reason} {today} />{/if}
          </span>
        </span>
        <span class="date">{order === 'move' ? moveOf(plant, today) : dateOf(plant, today)}</span>
      </a>
    </li>
  {/each}
</ul>
{#if plants.length > most}
  <button type="button" class="act more" onclick={() => (most += SCREENFUL)}
    >{plants.length - most} more</button
  >
{/if}

<style>
  ul {
    padding: 4px 0;
  }
  li {
    display: grid;
    grid-template-columns: 50px minmax(0, 1fr);
    align-items: center;
    padding-left: 4px;
    content-visibility: auto;
    contain-intrinsic-size: auto 58px;
  }
  .choose {
    display: grid;
    place-items: center;
    width: 44px;
    min-height: 44px;
    cursor: pointer;
  }
  li:not(:last-child) {
    border-bottom: 1px solid var(--color-rule);
  }
  li a {
    display: grid;
    grid-template-columns: 24px minmax(0, 1fr) auto;
    gap: 2px 12px;
    align-items: center;
    min-height: 52px;
    padding: 7px 16px 7px 0;
    color: var(--color-ink);
    text-decoration: none;
  }
  li a:hover b {
    text-decoration: underline;
  }
  .who {
    display: flex;
    flex-direction: column;
  }
  .who b {
    overflow-wrap: anywhere;
  }
  .date {
    font-size: 14px;
    text-align: right;
  }
  .more {
    margin-top: 12px;
  }
</style>
