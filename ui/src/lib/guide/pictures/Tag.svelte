<script lang="ts">
  import type { Drawn } from '../pictures';
  import Pot from '../parts/Pot.svelte';

  const { answer }: Drawn = $props();
</script>

<Pot y={54} width={84} depth={26} soil={4} />
{#if answer === 'READABLE'}
  <path class="paper" d="M42 8h36v42l-10 12H52L42 50z" />
  <path d="M49 18h22M49 26h16" />
  <text x="49" y="44">103</text>
{:else if answer === 'UNREADABLE'}
  <path class="paper" d="M42 8h24l4 8 8-4v38l-10 12H52L42 50z" />
  <path class="thin" stroke-dasharray="2 5" d="M49 22h14M49 30h20M49 40h12" />
{:else}
  <path class="mark" fill="none" stroke-dasharray="5 5" d="M42 8h36v42l-10 8H52L42 50z" />
{/if}
