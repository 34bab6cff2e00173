<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import DaySum from './DaySum.svelte';
  import RootsSum from './RootsSum.svelte';
  import SoakSum from './SoakSum.svelte';
  import UnitsSum from './UnitsSum.svelte';
  import UsedLifeSum from './UsedLifeSum.svelte';

  interface Props {
    choices: Schemas['Choices'];
    latitude: number;
    today: string;
  }
  const { choices, latitude, today }: Props = $props();
</script>

<RootsSum />
<SoakSum />
<UsedLifeSum {choices} />
<DaySum {latitude} {today} />
<UnitsSum {choices} />
