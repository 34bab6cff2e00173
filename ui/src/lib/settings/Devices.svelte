<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import { sitePage } from '$lib/api/queries';
  import { entrance } from '$lib/api/entrance.svelte';
  import { failed } from '$lib/shell/toaster';
  import { short } from '$lib/words/dates';

  const { devices }: { devices: Schemas['DeviceView'][] } = $props();
  const client = useQueryClient();
  const site = sitePage();

  const day = (instant: string) => short(instant.slice(0, 10), site.data?.today ?? '');

  async function end(device: Schemas['DeviceView']) {
    try {
      await answered(
        api.DELETE('/api/network/devices/{uid}', { params: { path: { uid: device.uid } } }),
      );
      if (device.own) entrance.leave();
      else await changed(client, 'network');
    } catch (problem) {
      failed(problem);
    }
  }
</script>

{#if devices.length}
  <h3 id="devices">Devices that were let in</h3>
  <ul aria-labelledby="devices">
    {#each devices as device (device.uid)}
      <li>
        <span>
          <b>{device.name}</b>{device.own ? ', this one' : ''}
          <span class="quiet">since {day(device.since)}, last seen {day(device.seen)}</span>
        </span>
        <button
          type="button"
          class="act small"
          aria-label="Let {device.name} in no longer"
          onclick={() => end(device)}>Let out</button
        >
      </li>
    {/each}
  </ul>
{/if}

<style>
  h3 {
    margin: 6px 0 0;
    font-size: 16px;
  }
  ul {
    width: 100%;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 16px;
    align-items: center;
    justify-content: space-between;
    padding: 6px 0;
    border-bottom: 1px solid var(--color-rule);
  }
</style>
