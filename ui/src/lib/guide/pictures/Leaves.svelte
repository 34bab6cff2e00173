<script lang="ts">
  import type { Drawn } from '../pictures';
  import { blade, bow } from '$lib/guide/parts/strokes';

  const { answer }: Drawn = $props();
</script>

<path class="live" d="M14 66q6-10 14-10h2q2 8 0 14h-12q-4 0-4-4z" />
{#if answer === 'FIRM'}
  <path class="live" d={blade([26, 58], [104, 24], 10, 13)} />
  <path class="thin" d={bow([28, 57], [102, 25], 10)} fill="none" />
  <path class="mark" fill="none" d="M98 52q10-8 9-19m-5 4 5-5 4 6" />
{:else if answer === 'SLIGHTLY_SOFT'}
  <path class="live" d={blade([26, 58], [106, 52], 24, 13)} />
  <path class="thin" d={bow([28, 57], [104, 51], 24)} fill="none" />
  <path class="mark thin" fill="none" stroke-dasharray="4 4" d="M104 44q2-10-8-20" />
{:else if answer === 'WRINKLED'}
  <path class="live" d={blade([26, 58], [104, 38], 12, 13)} />
  {#each [0, 1, 2, 3, 4] as i (i)}
    <path
      class="mark thin"
      fill="none"
      d="M{42 + i * 12} {56 - i * 4.6 - (i % 4 ? 10 : 6)}q4 5 1 11"
    />
  {/each}
{:else}
  <path class="dry" d="M26 58C44 34 66 34 78 50Q90 62 90 80Q76 66 70 56Q58 46 28 60z" />
  <path class="dry thin" fill="none" d="M28 58Q56 34 74 54Q84 66 88 78" />
{/if}
