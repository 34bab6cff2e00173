<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';

  interface Props {
    name: string;
    /** The look that is corrected, if one is. */
    wrong: Schemas['Line'] | undefined;
    /** Whether it is the first look at a new plant. */
    first: boolean;
    today: string;
    sections: number;
  }
  const { name, wrong, first, today, sections }: Props = $props();
</script>

<div class="page-head">
  <h1>{name}</h1>
  <span class="quiet"
    >{wrong
      ? `correcting what was written for ${short(wrong.on, today)}; the old line stays readable`
      : first
        ? 'photograph it with its tag, then turn it over from the newest growth down'
        : 'tap what you see; leave the rest as not looked at'}</span
  >
  <span class="quiet keys" aria-hidden="true">
    <span class="kbd-hint">1</span>–<span class="kbd-hint">{sections}</span> section ·
    <span class="kbd-hint">?</span> how to look · <span class="kbd-hint">0</span> end ·
    <span class="kbd-hint held">Ctrl ↵</span> save
  </span>
</div>

<style>
  .keys {
    margin-left: auto;
  }
  @media (hover: none) {
    .keys {
      display: none;
    }
  }
</style>
