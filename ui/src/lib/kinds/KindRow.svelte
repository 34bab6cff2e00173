<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { lengthSaid } from '$lib/words/units.svelte';

  interface Props {
    kind: Schemas['KindLine'];
    open: boolean;
    reset: () => void;
    copy: () => void;
    change: () => void;
  }
  const { kind, open, reset, copy, change }: Props = $props();

  const WORDS = { STANDARD: '', CHANGED: 'changed by you', ADDED: 'added by you' };
</script>

<div class="row">
  <span class="who">
    <b>{kind.name}</b>
    <span class="quiet">{kind.traits.care}</span>
  </span>
  <span class="when"
    >{kind.readyWhen}
    <span class="quiet">{lengthSaid(kind.traits.rootSpeed ?? 0)} of root a week</span></span
  >
  <span class="quiet">{WORDS[kind.standing]}</span>
  <span class="acts">
    {#if kind.standing !== 'STANDARD'}
      <button class="link" onclick={reset}
        >{kind.standing === 'ADDED' ? 'Remove' : 'Put back'}</button
      >
    {/if}
    <button class="link" aria-label="Copy {kind.name}" onclick={copy}>Copy</button>
    <button class="act small" aria-label="Change {kind.name}" aria-expanded={open} onclick={change}
      >Change</button
    >
  </span>
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: minmax(0, 4fr) minmax(0, 4fr) 110px auto;
    gap: 4px 16px;
    align-items: center;
    padding: 9px 0;
  }
  .who,
  .when {
    display: flex;
    flex-direction: column;
  }
  .acts {
    display: flex;
    gap: 12px;
    align-items: center;
    justify-content: flex-end;
  }
  @media (max-width: 800px) {
    .row {
      grid-template-columns: minmax(0, 1fr);
    }
    .acts {
      justify-content: flex-start;
    }
  }
</style>
