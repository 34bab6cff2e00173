<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { short } from './dates';

  interface Props {
    parts: Schemas['Part'][];
    today: string;
  }
  const { parts, today }: Props = $props();
</script>

<!-- One line, so that no blank stands between a figure and the full stop behind it. -->
<!-- prettier-ignore -->
<span>{#each parts as part, i (i)}{#if part.day}<b>{short(part.day, today)}</b>{:else if part.measure}<b>{part.text}</b>{:else}{part.text}{/if}{/each}</span>

<style>
  b {
    font-weight: 650;
    white-space: nowrap;
  }
</style>
