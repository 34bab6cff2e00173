<script lang="ts">
  import { tick } from 'svelte';
  import type { Problem } from '$lib/api/client';
  import { startHere } from './start';
  import DraftNotice from './DraftNotice.svelte';
  import { otherFaults } from './faults';
  import FormFault from './FormFault.svelte';

  interface Props {
    problem: Problem | undefined;
    /** The entries that show their own faults. */
    fields: string[];
    /** When what lies in the form again was left. */
    since?: string;
    /** Begins with the form as it is. */
    anew?: () => void;
    /** Whether whoever saved is led to what is wrong; not while somebody types. */
    leads?: boolean;
  }
  const { problem, fields, since, anew, leads = true }: Props = $props();
  let head = $state<HTMLElement>();

  /** On a phone what is wrong lies far above the button. */
  $effect(() => {
    if (!problem || !leads) return;
    const form = head?.closest('form');
    void tick().then(() => {
      const wrong = form?.querySelector('[aria-invalid="true"], .fault, [role="alert"]');
      startHere(wrong ?? null);
      wrong?.scrollIntoView({ block: 'center' });
    });
  });
</script>

<span bind:this={head} hidden></span>
<FormFault sentence={otherFaults(problem, fields)} />
{#if anew}<DraftNotice {since} {anew} />{/if}
