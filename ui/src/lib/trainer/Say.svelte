<script lang="ts">
  import type { Snippet } from 'svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import Picks from '$lib/forms/Picks.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { howKey } from './caseKeys';
  import { CALLS, type CaseInHand } from './sitting.svelte';

  interface Props {
    hand: CaseInHand;
    plant: Schemas['PlantCase'];
    /** What else is asked before it is judged. */
    children?: Snippet;
  }
  const { hand, plant, children }: Props = $props();
  const calls = CALLS.map((call, i) => ({ ...call, key: String(i + 1) }));
  const ways = $derived(
    plant.ways.map(({ way, words }, i) => ({ value: way, words, key: howKey(i) })),
  );
</script>

<Picks
  legend="What would you do today?"
  choices={calls}
  value={hand.asks ?? ''}
  onpick={(value) => hand.call(value)}
/>
{#if hand.asks === 'MOVE'}
  <Picks legend="How?" choices={ways} value={hand.how ?? ''} onpick={(value) => hand.by(value)} />
{/if}
{@render children?.()}
<FormHead problem={hand.saving.problem} fields={[]} />
<button
  type="button"
  class="act go tall"
  disabled={!hand.ready || hand.saving.busy}
  onclick={() => hand.judge()}>That is my judgement</button
>
