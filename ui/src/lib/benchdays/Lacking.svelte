<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    lack: Schemas['Lacking'];
    today: string;
  }
  const { lack, today }: Props = $props();
</script>

<Sentence parts={lack.what} {today} />
{#if lack.by}<span class="quiet">{lack.by > today ? `by ${short(lack.by, today)}` : 'now'}</span
  >{/if}
