<script lang="ts">
  interface Props {
    sought: string;
    /** Whether only figures of the collector's own are shown. */
    ownOnly: boolean;
  }
  let { sought = $bindable(), ownOnly = $bindable() }: Props = $props();
</script>

<label class="seek">
  <span class="sr-only">Find a figure</span>
  <input class="input" type="search" placeholder="Sour, bark, nubs…" bind:value={sought} />
</label>
<label class="tick"
  ><input class="checkbox" type="checkbox" bind:checked={ownOnly} /> only my own</label
>

<style>
  .seek {
    margin-left: auto;
    width: min(240px, 100%);
  }
  .tick {
    display: flex;
    gap: 8px;
    align-items: center;
    min-height: 44px;
  }
</style>
