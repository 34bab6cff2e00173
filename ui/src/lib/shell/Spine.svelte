<script lang="ts">
  import { page } from '$app/state';
  import CalendarCheck from '@lucide/svelte/icons/calendar-check';
  import CalendarRange from '@lucide/svelte/icons/calendar-range';
  import Footprints from '@lucide/svelte/icons/footprints';
  import House from '@lucide/svelte/icons/house';
  import Scale from '@lucide/svelte/icons/scale';
  import Settings from '@lucide/svelte/icons/settings-2';
  import Shovel from '@lucide/svelte/icons/shovel';
  import Sprout from '@lucide/svelte/icons/sprout';

  const places = [
    { href: '/', name: 'Today', icon: CalendarCheck },
    { href: '/round', name: 'Round', icon: Footprints },
    { href: '/plants', name: 'Plants', icon: Sprout },
    { href: '/places', name: 'Places', icon: House },
    { href: '/bench', name: 'Bench', icon: Shovel },
    { href: '/year', name: 'Year', icon: CalendarRange },
    { href: '/rules', name: 'Rules', icon: Scale },
    { href: '/settings', name: 'Settings', icon: Settings },
  ];
  /** Pages that are reached from another one belong to it. */
  const BELONGING: Record<string, string[]> = {
    '/bench': ['/bench', '/jobs', '/batches', '/tags', '/sums', '/stock'],
    '/year': ['/year', '/week', '/taught', '/trainer', '/opinion', '/trials'],
    '/round': ['/round', '/small-jobs', '/treatments'],
  };
  const here = $derived((href: string) => {
    const { pathname } = page.url;
    if (href === '/') return pathname === '/' || pathname.startsWith('/checks');
    return (BELONGING[href] ?? [href]).some((each) => pathname.startsWith(each));
  });
</script>

<nav aria-label="Pages">
  <span class="monogram" aria-hidden="true">M·A</span>
  {#each places as { href, name, icon: Icon } (href)}
    <a {href} class:on={here(href)} aria-current={here(href) ? 'page' : undefined}>
      <Icon size={23} strokeWidth={1.7} aria-hidden="true" />
      {name}
    </a>
  {/each}
</nav>

<style>
  nav {
    background: var(--color-spine);
    color: #efe6da;
    display: flex;
    flex-direction: column;
    gap: 2px;
    padding: 12px 0;
    position: sticky;
    top: 0;
    height: 100vh;
  }
  .monogram {
    font: 600 25px/1 var(--font-serif);
    text-align: center;
    padding: 4px 0 14px;
  }
  a {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 4px;
    padding: 10px 0 9px;
    min-height: 60px;
    border-left: 4px solid transparent;
    border-right: 4px solid transparent;
    color: #e0d3dd;
    font-size: 13px;
    text-decoration: none;
  }
  a.on {
    background: var(--color-spine-2);
    color: #fff;
    border-left-color: #e2b24f;
  }
  a:focus-visible {
    outline-color: #e2b24f;
    outline-offset: -3px;
  }
  @media (max-width: 700px) {
    nav {
      flex-direction: row;
      position: fixed;
      inset: auto 0 0;
      height: auto;
      padding: 0;
      z-index: 5;
    }
    .monogram {
      display: none;
    }
    a {
      flex: 1;
      min-width: 0;
      font-size: 11.5px;
      border: 0;
      border-top: 4px solid transparent;
    }
    a.on {
      border-top-color: #e2b24f;
    }
  }
</style>
