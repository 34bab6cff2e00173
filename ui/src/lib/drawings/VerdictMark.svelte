<script lang="ts">
  import { HUE, type Verdict } from './verdicts';

  interface Props {
    verdict: Verdict;
    /** Edge length in px. */
    size?: number;
  }
  const { verdict, size = 22 }: Props = $props();
</script>

<svg
  width={size}
  height={size}
  viewBox="0 0 48 48"
  aria-hidden="true"
  style="color: var(--color-{HUE[verdict]}); flex: none"
  fill="none"
  stroke="currentColor"
  stroke-width="5"
  stroke-linejoin="round"
  stroke-linecap="round"
>
  {#if verdict === 'LEAVE'}
    <circle cx="24" cy="24" r="16" />
  {:else if verdict === 'WATCH'}
    <circle cx="24" cy="24" r="17" stroke-width="4" />
    <path d="M24 7a17 17 0 0 1 0 34z" fill="currentColor" stroke="none" />
  {:else if verdict === 'WAIT_FOR'}
    <path d="M7 13h34M11 20l4 21h18l4-21" stroke-width="4" />
  {:else if verdict === 'ADJUST_CARE'}
    <path d="M24 5 43 24 24 43 5 24z" stroke-width="4" />
  {:else if verdict === 'LIFT_AND_LOOK'}
    <path d="M10 26h28l-4 17H14z" fill="currentColor" stroke="none" />
    <circle cx="24" cy="13" r="7" stroke-width="4" />
  {:else if verdict === 'MOVE_UP'}
    <path d="M15 21h18l-2 13H17z" fill="currentColor" stroke="none" />
    <path d="M5 13h38M9 18l5 25h20l5-25" stroke-width="3.5" />
  {:else if verdict === 'PART_REPOT'}
    <path d="M6 15h36v7H6zM10 22h14v21H14z" fill="currentColor" stroke="none" />
    <path d="M24 41.5h9l4-19" stroke-width="3" />
    <path d="M24 11V4m-5 4 5-5 5 5" stroke-width="3" />
  {:else if verdict === 'FULL_REPOT'}
    <path d="M6 15h36v7H6zM10 22h28l-4 21H14z" fill="currentColor" stroke="none" />
    <path d="M24 11V4m-5 4 5-5 5 5" stroke-width="3" />
  {:else if verdict === 'DIVIDE'}
    <path
      d="M3 13h18v7H3zM5 20h14v23h-9zM27 13h18v7H27zM29 20h14l-5 23h-9z"
      fill="currentColor"
      stroke="none"
    />
  {:else if verdict === 'LET_GO'}
    <path d="M9 9 39 39M39 9 9 39" stroke-width="6" />
  {:else}
    <path d="M24 6 44 41H4z" fill="currentColor" stroke-width="3" />
    <path d="M24 18v12M24 35.5v.5" stroke="var(--color-slip)" stroke-width="4" />
  {/if}
</svg>
