<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  const { way }: { way: Schemas['WayView'] } = $props();
</script>

<div class="way">
  {#if way.codeSize}
    <svg
      viewBox="0 0 {way.codeSize} {way.codeSize}"
      role="img"
      aria-label="A code with the address {way.addresses[0]}"
      shape-rendering="crispEdges"
    >
      <rect width={way.codeSize} height={way.codeSize} fill="#fff" />
      <path d={way.codePath} fill="#000" />
    </svg>
  {/if}
  <div>
    <p>Open the camera of the phone on this, or type one of</p>
    <ul>
      {#each way.addresses as address (address)}<li><code>{address}</code></li>{/each}
    </ul>
    <p class="quiet">
      The phone warns of a certificate it does not know. Let it show the fingerprint, and go on only
      if it is
      <code class="print">{way.fingerprint}</code>
    </p>
    <details>
      <summary>Put it on the home screen of the phone</summary>
      <p class="quiet">
        For that, and to open it while the program does not answer, the phone has to trust the
        <a class="link" href="/api/entrance/certificate" download>certificate of this house</a>:
        load it there, compare the fingerprint, and install it as an authority.
        <code class="print">{way.authorityFingerprint}</code>
      </p>
    </details>
  </div>
</div>

<style>
  .way {
    display: flex;
    flex-wrap: wrap;
    gap: 20px;
  }
  .way > div {
    flex: 1 1 320px;
    min-width: 0;
  }
  svg {
    width: 190px;
    height: 190px;
    border-radius: 8px;
  }
  p,
  ul {
    margin: 0 0 8px;
  }
  ul {
    padding-left: 18px;
  }
  summary {
    min-height: 44px;
    padding: 10px 0;
  }
  .print {
    display: block;
    overflow-wrap: anywhere;
    font-size: 13px;
  }
</style>
