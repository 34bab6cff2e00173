<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api } from '$lib/api/client';
  import { changed, KEYS } from '$lib/api/keys';
  import { Saving } from '$lib/api/saving.svelte';
  import { Trying } from '$lib/api/trying.svelte';
  import type { Schemas } from '$lib/interface/schemas';
  import { failed, undoable } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';
  import { capital } from '$lib/words/units.svelte';
  import WouldChange from './WouldChange.svelte';

  /** A figure that the record speaks against, or that was taken over from it. */
  const { life }: { life: Schemas['LifeView'] } = $props();
  const client = useQueryClient();
  const saving = new Saving();
  const trying = new Trying<Schemas['Effect']>(0);
  const months = (number: number) => count(Math.round(number), 'month');
  /** Nothing is offered that holds already. */
  const offered = $derived(life.own !== life.proposed ? life.proposed : null);

  $effect(() => {
    const value = offered;
    return trying.ask(
      value == null
        ? undefined
        : () =>
            answered(api.POST('/api/rules/trial', { body: { values: { [life.figure]: value } } })),
    );
  });

  async function put(value: number | null): Promise<boolean> {
    const page = await saving.save((headers) =>
      answered(api.PUT('/api/taught/figures', { headers, body: { figure: life.figure, value } })),
    );
    if (!page) {
      failed(saving.problem);
      return false;
    }
    client.setQueryData(KEYS.taught, page);
    void changed(client, 'rules');
    return true;
  }

  async function take(value: number | null) {
    const before = life.own ?? null;
    const said =
      value == null
        ? `${capital(life.words)}: as assumed again`
        : `${capital(life.words)}: ${months(value)} from now on`;
    if (await put(value)) undoable(said, async () => void (await put(before)));
  }
</script>

<section class="sheet differs" aria-labelledby="differs-{life.figure}">
  <h2 id="differs-{life.figure}">
    {capital(life.words)}: {life.own == null ? 'yours differs' : 'taken over'}
  </h2>
  <p>
    <b>{Math.round(life.low)}–{months(life.high)}</b> here, not {Math.round(life.assumed)}. From {count(
      life.pots,
      'pot',
    )} felt.
  </p>
  {#if life.own != null}
    <p>
      {life.learned ? 'Your own figure, learned here' : 'Your own figure'}:
      <b>{months(life.own)}</b>{life.carried ? '' : '; the record no longer carries it'}.
    </p>
  {/if}
  {#if offered != null}<WouldChange would={trying.answer} />{/if}
  <p class="acts">
    {#if offered != null}
      <button class="act go" disabled={saving.busy} onclick={() => take(offered)}
        >Take {months(offered)}</button
      >
    {/if}
    {#if life.own != null}
      <button class="act" disabled={saving.busy} onclick={() => take(null)}>Give it back</button>
    {/if}
  </p>
</section>

<style>
  .differs {
    background: var(--color-plum-wash);
  }
  h2,
  p {
    margin: 0 0 6px;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    margin: 0;
  }
</style>
