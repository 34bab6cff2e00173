<script lang="ts">
  import type { Schemas } from '$lib/interface/schemas';
  import { short } from '$lib/words/dates';

  interface Props {
    before: Schemas['Photo'];
    after: Schemas['Photo'];
    today: string;
  }
  const { before, after, today }: Props = $props();
  let share = $state(50);
</script>

<div class="pair">
  <img src="/api/photos/{after.id}" alt="Taken {short(after.takenOn, today)}" />
  <img
    class="over"
    src="/api/photos/{before.id}"
    alt="Taken {short(before.takenOn, today)}"
    style="clip-path: inset(0 {100 - share}% 0 0)"
  />
  <span class="day left">{short(before.takenOn, today)}</span>
  <span class="day right">{short(after.takenOn, today)}</span>
</div>
<label>
  <span class="sr-only">How much of the earlier picture is seen, percent</span>
  <input class="range" type="range" min="0" max="100" bind:value={share} />
</label>

<style>
  .pair {
    position: relative;
    line-height: 0;
  }
  img {
    width: 100%;
    max-height: 70vh;
    object-fit: cover;
    border-radius: 10px;
  }
  .over {
    position: absolute;
    inset: 0;
    height: 100%;
  }
  .day {
    position: absolute;
    top: 12px;
    padding: 4px 10px;
    border-radius: 999px;
    background: #2c2733cc;
    color: #fff;
    font-size: 14px;
    line-height: 1.4;
  }
  .left {
    left: 12px;
  }
  .right {
    right: 12px;
  }
  .range {
    width: 100%;
    min-height: 44px;
  }
</style>
