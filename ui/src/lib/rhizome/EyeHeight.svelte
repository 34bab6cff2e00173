<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';

  interface Props {
    level: Schemas['PlaceView']['level'];
    words: string;
    why: string;
  }
  const { level, words, why }: Props = $props();
</script>

<figure>
  <svg viewBox="0 0 268 190" aria-hidden="true">
    <path class="pot" d="M30 60 H190 L174 178 H46 Z" />
    <path class="mix" d="M33 82 H187 L174 178 H46 Z" />
    {#if level === 'LEAD_IN_SURFACE'}
      <g class="stones">
        <circle cx="66" cy="90" r="5" /><circle cx="80" cy="95" r="5" /><circle
          cx="106"
          cy="94"
          r="5"
        />
      </g>
      <ellipse class="old" cx="72" cy="70" rx="13" ry="24" />
      <ellipse class="old" cx="104" cy="67" rx="13" ry="23" />
      <path class="leaf" d="M138 62 C134 40 126 30 118 20 M140 62 C144 42 152 32 160 24" />
      <ellipse class="new" cx="139" cy="66" rx="11" ry="17" />
      <path class="root" d="M136 82 C132 104 136 118 128 134 M143 82 C146 100 142 120 150 142" />
    {:else if level === 'BASE_COVERED'}
      <path
        class="leaf"
        d="M110 86 C98 60 78 44 58 36 M110 86 C108 56 102 36 92 18 M110 86 C114 56 120 36 132 18 M110 86 C124 60 142 46 164 38"
      />
      <ellipse class="new" cx="110" cy="86" rx="9" ry="8" />
      <path class="root" d="M106 92 C98 112 92 126 88 150 M114 92 C122 112 126 128 134 152" />
    {:else}
      <path class="leaf" d="M110 76 C90 60 66 58 42 66 M110 72 C132 58 156 54 180 60" />
      <path class="leaf" d="M110 62 C96 50 78 44 58 46 M110 58 C124 46 144 40 164 42" />
      <rect class="new" x="105" y="48" width="10" height="34" rx="5" />
      <path class="root" d="M107 82 C96 104 90 128 92 150 M113 82 C124 108 128 130 124 154" />
    {/if}
    <line class="surface" x1="18" y1="82" x2="202" y2="82" />
    <text x="207" y="87">surface</text>
  </svg>
  <figcaption>
    <b>{words}</b>
    <span class="quiet">{why}</span>
  </figcaption>
</figure>

<style>
  figure {
    margin: 0;
    display: grid;
    gap: 8px;
  }
  svg {
    width: 100%;
    max-width: 240px;
  }
  figcaption {
    display: grid;
    gap: 4px;
    font-size: 17px;
  }
  .pot {
    fill: var(--color-leaf);
    stroke: var(--color-edge);
    stroke-width: 4;
  }
  .mix {
    fill: var(--color-ochre-wash);
  }
  .stones {
    fill: var(--color-edge);
  }
  .old {
    fill: var(--color-moss);
    stroke: var(--color-leaf);
    stroke-width: 2;
  }
  .new {
    fill: var(--color-moss-wash);
    stroke: var(--color-moss);
    stroke-width: 2.5;
  }
  .leaf {
    fill: none;
    stroke: var(--color-moss);
    stroke-width: 6;
    stroke-linecap: round;
  }
  .root {
    fill: none;
    stroke: var(--color-edge);
    stroke-width: 3;
    stroke-linecap: round;
  }
  .surface {
    stroke: var(--color-plum);
    stroke-width: 2;
    stroke-dasharray: 6 4;
  }
  text {
    font: 600 15px var(--font-sans);
    fill: var(--color-plum);
  }
</style>
