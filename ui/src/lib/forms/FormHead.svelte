<script lang="ts">
  import type { Problem } from '$lib/api/client';
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
  }
  const { problem, fields, since, anew }: Props = $props();
</script>

<FormFault sentence={otherFaults(problem, fields)} />
{#if anew}<DraftNotice {since} {anew} />{/if}
