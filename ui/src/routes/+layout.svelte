<script lang="ts">
  import '../app.css';
  import { onMount } from 'svelte';
  import { afterNavigate } from '$app/navigation';
  import { QueryClient, QueryClientProvider } from '@tanstack/svelte-query';
  import ComeIn from '$lib/entrance/ComeIn.svelte';
  import { entrance } from '$lib/api/entrance.svelte';
  import Asked from '$lib/guide/AskedCard.svelte';
  import InUnits from '$lib/shell/InUnits.svelte';
  import Timers from '$lib/bench/Timers.svelte';
  import NotKept from '$lib/shell/NotKept.svelte';
  import Ribbon from '$lib/shell/Ribbon.svelte';
  import Spine from '$lib/shell/Spine.svelte';
  import Toasts from '$lib/shell/Toasts.svelte';
  import Unanswered from '$lib/shell/Unanswered.svelte';
  import { outbox } from '$lib/round/outbox.svelte';
  import { show } from '$lib/shell/mode.svelte';
  import Part from '$lib/shell/Part.svelte';
  import { showKeys } from '$lib/forms/shortcut.svelte';
  import { workGoesOn } from '$lib/forms/start';
  import type { LayoutProps } from './$types';

  const { children }: LayoutProps = $props();
  const client = new QueryClient({ defaultOptions: { queries: { retry: 1, staleTime: 5000 } } });
  show();
  showKeys();
  afterNavigate(() => workGoesOn());

  // Looks that wait are sent from every page, and what another window keeps is seen here.
  onMount(() => {
    const send = () => void outbox.send(client);
    const shared = (event: StorageEvent) => {
      if (event.key?.startsWith('almanac.outbox')) outbox.refresh();
    };
    send();
    window.addEventListener('online', send);
    window.addEventListener('storage', shared);
    return () => {
      window.removeEventListener('online', send);
      window.removeEventListener('storage', shared);
    };
  });
</script>

<QueryClientProvider {client}>
  {#if entrance.out}
    <ComeIn />
  {:else}
    <a class="skip" href="#page">To the page</a>
    <div class="app">
      <Spine />
      <div class="body">
        <Ribbon />
        <Unanswered />
        <NotKept />
        <Timers />
        <main id="page" tabindex="-1">
          <Part name="this page"><InUnits>{@render children()}</InUnits></Part>
        </main>
      </div>
    </div>
    <Asked />
  {/if}
  <Toasts />
</QueryClientProvider>

<style>
  .app {
    display: grid;
    grid-template-columns: 84px minmax(0, 1fr);
    min-height: 100vh;
    background: var(--color-paper);
  }
  .skip {
    position: absolute;
    left: -999px;
    z-index: 10;
  }
  .skip:focus {
    left: 96px;
    top: 8px;
    padding: 8px 14px;
    background: var(--color-slip);
  }
  main {
    padding: 20px;
    outline: none;
  }
  @media print {
    .app {
      display: block;
      background: none;
    }
    .app > :global(nav),
    .body > :global(header) {
      display: none;
    }
    main {
      padding: 0;
    }
  }
  @media (max-width: 700px) {
    .app {
      grid-template-columns: minmax(0, 1fr);
      /* So far a page can be pushed up that nothing at its end lies under places or notices. */
      padding-bottom: 150px;
    }
    main {
      padding: 14px;
    }
  }
</style>
