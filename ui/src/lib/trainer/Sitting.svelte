<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { askAgain, KEYS } from '$lib/api/keys';
  import { fieldGuide } from '$lib/api/queries';
  import type { Schemas } from '$lib/interface/schemas';
  import { caseKeys } from './caseKeys';
  import DrawingAsked from './DrawingAsked.svelte';
  import HowSure from './HowSure.svelte';
  import Judged from './Judged.svelte';
  import LookFirst from './LookFirst.svelte';
  import PlantAsked from './PlantAsked.svelte';
  import Say from './Say.svelte';
  import { CaseInHand } from './sitting.svelte';

  interface Props {
    asked: Schemas['NextCase'];
    today: string;
  }
  const { asked, today }: Props = $props();
  const client = useQueryClient();
  const guide = fieldGuide();
  const roots = $derived(guide.data?.roots);
  const hand = $derived(new CaseInHand(asked));

  async function next() {
    await askAgain(client, KEYS.trainer);
    window.scrollTo({ top: 0 });
  }
</script>

<svelte:window onkeydown={(event) => caseKeys(event, hand, next)} />

{#if asked.drawing}
  <DrawingAsked {hand} drawing={asked.drawing} {roots} />
{:else if asked.plant}
  <PlantAsked plant={asked.plant} {roots} again={asked.again} {today} />
{/if}
{#if hand.judged}
  <Judged judged={hand.judged} {roots} {today} onnext={next} />
{:else if asked.plant}
  <section class="sheet" aria-label="Your judgement">
    <LookFirst {hand} plant={asked.plant} {roots} {today} />
    <Say {hand} plant={asked.plant}><HowSure {hand} /></Say>
  </section>
{/if}
