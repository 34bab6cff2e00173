<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import type { Schemas } from '$lib/interface/schemas';
  import { count } from '$lib/words/counts';
  import { short } from '$lib/words/dates';
  import { bringBack } from './backups';

  interface Props {
    backup: Schemas['BackupView'];
    today: string;
  }
  const { backup, today }: Props = $props();
  const client = useQueryClient();
  let asked = $state(false);
  let bringing = $state(false);

  const at = $derived(`${short(backup.at.slice(0, 10), today)}, ${backup.at.slice(11, 16)}`);

  async function restore() {
    bringing = true;
    await bringBack(client, backup.name, `Brought back from ${at}`);
    bringing = false;
  }
</script>

<div class="line">
  <span>
    <b>{at}</b>
    <span class="quiet">{backup.because}</span>
  </span>
  <span>
    {count(backup.plants, 'plant')}{backup.photographs
      ? `, ${count(backup.photographs, 'photograph')}`
      : ''}{backup.lastEntry ? `, last entry on ${short(backup.lastEntry, today)}` : ''}
  </span>
  <button type="button" class="link" aria-expanded={asked} onclick={() => (asked = !asked)}
    >Bring back…</button
  >
</div>
{#if asked}
  <div class="sure" role="group" aria-label="Bring back {at}">
    <p>
      The collection will be as it was then: {count(backup.plants, 'plant')} and {count(
        backup.acts,
        'entry',
        'entries',
      )} in the journals.{backup.missing
        ? ` ${count(backup.missing, 'photograph')} of it cannot be had any more.`
        : ''} What there is now is backed up first, so that this can be undone.
    </p>
    <button type="button" class="act go" disabled={bringing} onclick={restore}
      >{bringing ? 'Bringing back…' : 'Bring it back'}</button
    >
    <button type="button" class="act" onclick={() => (asked = false)}>Leave it</button>
  </div>
{/if}

<style>
  .line {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 18px;
    align-items: center;
  }
  .line > span:first-child {
    min-width: 240px;
  }
  .line > span:nth-child(2) {
    flex: 1;
  }
  .sure {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin-top: 8px;
    padding: 12px 14px;
    border-radius: 10px;
    background: var(--color-ochre-wash);
  }
  .sure p {
    flex-basis: 100%;
  }
</style>
