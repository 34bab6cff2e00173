<script lang="ts">
  import { count } from '$lib/words/counts';
  import type { aimedAt } from './course';

  interface Props {
    /** Whom each act would be about. */
    aims: ReturnType<typeof aimedAt>;
    busy: boolean;
    write: (what: 'treated' | 'clean' | 'plants' | 'end', plants: number[], said: string) => void;
  }
  const { aims, busy, write }: Props = $props();
</script>

<div class="acts">
  {#if aims.treat.length}
    <button class="act go" disabled={busy} onclick={() => write('treated', aims.treat, 'Treated')}
      >Treated today: {count(aims.treat.length, 'plant')}</button
    >
  {/if}
  {#if aims.clean.length}
    <button class="act" disabled={busy} onclick={() => write('clean', aims.clean, 'Nothing found')}
      >Looked, nothing found: {count(aims.clean.length, 'plant')}</button
    >
  {/if}
  {#if aims.join.length}
    <button
      class="act"
      disabled={busy}
      onclick={() => write('plants', aims.join, 'Taken into the course')}
      >Treat {count(aims.join.length, 'plant')} too</button
    >
  {/if}
  {#if aims.end.length}
    <button class="act" disabled={busy} onclick={() => write('end', aims.end, 'Ended')}
      >End it for {count(aims.end.length, 'clean plant')}</button
    >
  {/if}
  {#if aims.early.length}
    <button class="link" disabled={busy} onclick={() => write('end', aims.early, 'Ended early')}
      >End it early for {count(aims.early.length, 'plant')}</button
    >
  {/if}
</div>

<style>
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
    margin-top: 12px;
  }
  .acts .act,
  .acts .link {
    min-height: 44px;
  }
</style>
