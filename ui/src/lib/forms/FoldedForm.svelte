<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    title: string;
    open?: boolean;
    onsubmit: (event: SubmitEvent) => void;
    children: Snippet;
  }
  const { title, open = false, onsubmit, children }: Props = $props();
</script>

<details class="sheet" {open}>
  <summary>{title}</summary>
  <form {onsubmit} novalidate>{@render children()}</form>
</details>

<style>
  summary {
    padding: 10px 0;
    min-height: 44px;
    font-weight: 600;
  }
  form {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    gap: 10px;
    justify-items: start;
  }
</style>
