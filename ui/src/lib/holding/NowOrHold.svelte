<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import type { Schemas } from '$lib/interface/schemas';
  import { failed, saved } from '$lib/shell/toaster';
  import Sentence from '$lib/words/Sentence.svelte';

  interface Props {
    plant: Schemas['PlantPage'];
    asked: Schemas['NowOrHoldView'];
  }
  const { plant, asked }: Props = $props();
  const client = useQueryClient();
  let busy = $state(false);

  const BEST: Record<Schemas['NowOrHoldView']['choice'], string> = {
    LOOK_FIRST: 'Look first',
    REPOT_NOW: 'Repot it now',
    HOLD: 'Hold it in the pot it came in',
    NEITHER: 'Neither: let it go',
  };

  async function hold() {
    busy = true;
    try {
      const result = await answered(
        api.PUT('/api/plants/{id}/hold', {
          params: { path: { id: plant.id } },
          body: { held: true },
        }),
      );
      saved(client, 'Held. Its first soak stands among the checks.', result);
    } catch (failure) {
      failed(failure);
    } finally {
      busy = false;
    }
  }
</script>

<section class="sheet ask" aria-labelledby="now-or-hold">
  <div>
    <h2 id="now-or-hold">Repot now, or hold?</h2>
    <p>
      <b>{BEST[asked.choice]}.</b>
      <Sentence parts={asked.because} today={plant.today} />
    </p>
    <p class="quiet">
      Now, if its roots grow and it is warm and light enough, or if it is in danger. Else it waits
      in the pot it came in, with a soak each month, until roots show.
    </p>
  </div>
  <div class="acts">
    <a class="act" class:go={asked.choice === 'LOOK_FIRST'} href="/plants/{plant.id}/inspect?first"
      >Look it over</a
    >
    <a class="act" class:go={asked.choice === 'REPOT_NOW'} href="/plants/{plant.id}/repot"
      >Repot it now</a
    >
    <button
      type="button"
      class="act"
      class:go={asked.choice === 'HOLD'}
      disabled={busy}
      onclick={hold}>Hold it</button
    >
  </div>
</section>

<style>
  .ask {
    display: flex;
    flex-wrap: wrap;
    gap: 10px 24px;
    align-items: center;
    justify-content: space-between;
    margin-bottom: 16px;
  }
  .ask > div:first-child {
    flex: 1 1 420px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
  }
</style>
