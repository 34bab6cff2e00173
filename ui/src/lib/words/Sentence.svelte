<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { said } from './sentence';

  interface Props {
    parts: Schemas['Part'][];
    today: string;
  }
  const { parts, today }: Props = $props();
</script>

<!-- One line, so that no blank stands between a figure and the full stop behind it. -->
<!-- prettier-ignore -->
<span>{#each parts as part, i (i)}{#if part.day || part.measure}<b>{said(part, today)}</b>{:else}{part.text}{/if}{/each}</span>

<style>
  b {
    font-weight: 650;
    white-space: nowrap;
  }
</style>
