<script lang="ts">
  import type { Drawn } from '../pictures';
  import FromAbove from '$lib/guide/parts/PotFromAbove.svelte';

  const { item, answer }: Drawn = $props();
</script>

{#if answer !== 'FALLS_APART'}
  <circle class="medium" cx="60" cy="42" r="38" />
  <circle class="pot" cx="60" cy="42" r="38" />
{/if}
{#if item === 'company'}
  {#if answer === 'ONE'}
    <FromAbove
      growths={[
        [34, 48],
        [50, 44],
        [66, 40],
        [82, 34],
      ]}
    />
  {:else}
    <FromAbove
      growths={[
        [34, 34],
        [50, 28],
        [66, 22],
      ]}
    />
    <FromAbove
      growths={[
        [54, 62],
        [70, 56],
        [84, 48],
      ]}
    />
    {#if answer === 'SEVERAL_WANTED_APART'}
      <path class="mark" stroke-dasharray="5 5" d="M16 62L104 18" />
    {/if}
  {/if}
{:else if answer === 'NONE'}
  <FromAbove
    growths={[
      [36, 42],
      [52, 42],
      [68, 42],
    ]}
    roots
  />
{:else if answer === 'TWO_SOUND'}
  <FromAbove
    growths={[
      [58, 36],
      [44, 40],
      [30, 36],
    ]}
    roots
  />
  <FromAbove
    growths={[
      [64, 36],
      [78, 32],
      [90, 40],
    ]}
    roots
  />
{:else if answer === 'BARE_MIDDLE'}
  <FromAbove
    growths={[
      [56, 34],
      [42, 28],
      [28, 32],
    ]}
    bare={1}
  />
  <FromAbove
    growths={[
      [64, 44],
      [80, 44],
      [92, 36],
    ]}
    bare={1}
  />
  <FromAbove
    growths={[
      [54, 50],
      [48, 62],
      [60, 74],
    ]}
    bare={1}
  />
{:else}
  <FromAbove
    growths={[
      [46, 32],
      [32, 38],
      [18, 32],
    ]}
    roots
  />
  <FromAbove
    growths={[
      [76, 44],
      [90, 40],
      [104, 46],
    ]}
    roots
  />
  <path class="mark" fill="none" d="M54 30l6 8-5 6 7 8" />
{/if}
