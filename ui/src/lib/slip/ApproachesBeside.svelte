<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import VerdictMark from '$lib/drawings/VerdictMark.svelte';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    slip: Schemas['Slip'];
  }
  const { slip }: Props = $props();
  const agree = $derived(
    slip.approaches.every(({ title }) => title === slip.approaches[0]?.title) &&
      slip.approaches.find(({ inForce }) => inForce),
  );
</script>

<div class="part">
  <p class="quiet">
    {agree ? `All four approaches agree: ${agree.title.toLowerCase()}.` : 'By each approach'}
  </p>
  {#if !agree}<ul>
      {#each slip.approaches as each (each.approach)}
        <li class:force={each.inForce}>
          <VerdictMark verdict={each.verdict} size={18} />
          <span>
            <b>{each.name}: {each.title.toLowerCase()}.</b>
            <Sentence parts={each.why} today={slip.judgedOn} />
          </span>
        </li>
      {/each}
    </ul>{/if}
</div>

<style>
  ul {
    margin: 4px 0 0;
    font-size: 14px;
  }
  li {
    display: flex;
    gap: 8px;
    padding: 3px 0;
  }
  li.force {
    background: var(--color-leaf);
    margin: 0 -8px;
    padding: 4px 8px;
    border-radius: 8px;
  }
  b {
    font-weight: 650;
  }
</style>
