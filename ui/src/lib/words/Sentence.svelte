<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { short } from './dates';
  import { lengthOut, lengthUnit } from './units.svelte';

  interface Props {
    parts: Schemas['Part'][];
    today: string;
  }
  const { parts, today }: Props = $props();

  function said(part: Schemas['Part']): string {
    if (part.value == null) return part.text;
    if (part.measure === 'MM') return `${lengthOut(part.value)} ${lengthUnit()}`;
    return part.measure === 'MM_A_WEEK'
      ? `${lengthOut(part.value)} ${lengthUnit()} a week`
      : part.text;
  }
</script>

<!-- One line, so that no blank stands between a figure and the full stop behind it. -->
<!-- prettier-ignore -->
<span>{#each parts as part, i (i)}{#if part.day}<b>{short(part.day, today)}</b>{:else if part.measure}<b>{said(part)}</b>{:else}{part.text}{/if}{/each}</span>

<style>
  b {
    font-weight: 650;
    white-space: nowrap;
  }
</style>
