<script lang="ts">
  import { Switch } from '@skeletonlabs/skeleton-svelte';
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, Problem } from '$lib/api/client';
  import { sitePage } from '$lib/api/queries';
  import { faultOf, otherFaults } from '$lib/forms/faults';
  import Field from '$lib/forms/Field.svelte';
  import FormFault from '$lib/forms/FormFault.svelte';
  import Waiting from '$lib/shell/Waiting.svelte';
  import { lamp } from '$lib/shell/mode.svelte';
  import { toaster } from '$lib/shell/toaster';

  const client = useQueryClient();
  const site = sitePage();
  let typed = $state<string>();
  let problem = $state<Problem>();
  const latitude = $derived(typed ?? (site.data ? String(site.data.latitude) : ''));

  async function save(event: SubmitEvent) {
    event.preventDefault();
    problem = undefined;
    try {
      const number = Number(latitude.replace(',', '.'));
      const moved = await answered(
        api.PUT('/api/site', {
          body: {
            latitude:
              latitude.trim() === '' || Number.isNaN(number)
                ? (latitude as unknown as number)
                : number,
          },
        }),
      );
      client.setQueryData(['site'], moved);
      typed = undefined;
      void client.invalidateQueries();
      toaster.success({ title: 'The light of your year is drawn anew', duration: 5000 });
    } catch (failure) {
      problem = failure instanceof Problem ? failure : new Problem(String(failure));
    }
  }
</script>

<svelte:head><title>Settings · Mellow Almanac</title></svelte:head>

<h1>Settings</h1>
<Waiting query={site}>
  <div class="sheets">
    <form class="sheet" onsubmit={save} novalidate>
      <FormFault sentence={otherFaults(problem, ['latitude'])} />
      <Field
        label="Latitude"
        hint={site.data?.placed
          ? 'Degrees, north positive; it gives the length of the days'
          : 'Not set yet: 50° is assumed. Degrees, north positive'}
        fault={faultOf(problem, 'latitude')}
      >
        {#snippet children({ id, describedBy, invalid })}
          <input
            class="input"
            {id}
            inputmode="decimal"
            aria-describedby={describedBy}
            aria-invalid={invalid}
            value={latitude}
            oninput={(event) => (typed = event.currentTarget.value)}
          />
        {/snippet}
      </Field>
      <button class="act go">Save</button>
    </form>
    <section class="sheet">
      <Switch class="lamp" checked={lamp.on} onCheckedChange={(change) => lamp.set(change.checked)}>
        <Switch.Control class="track"><Switch.Thumb class="thumb" /></Switch.Control>
        <Switch.Label>Lamp light, for evenings</Switch.Label>
        <Switch.HiddenInput />
      </Switch>
    </section>
  </div>
</Waiting>

<style>
  h1 {
    margin: 0 0 14px;
  }
  .sheets {
    display: grid;
    gap: 16px;
    max-width: 480px;
  }
  form {
    display: grid;
    gap: 14px;
    justify-items: start;
  }
  form :global(.field) {
    width: 100%;
  }
  .sheet :global(.lamp) {
    display: flex;
    align-items: center;
    gap: 12px;
    min-height: 44px;
    cursor: pointer;
  }
  .sheet :global(.track) {
    width: 52px;
    height: 30px;
    padding: 3px;
    border-radius: 999px;
    background: var(--color-ink-2);
  }
  .sheet :global(.track[data-state='checked']) {
    background: var(--color-go);
  }
  .sheet :global(.thumb) {
    display: block;
    width: 24px;
    height: 24px;
    border-radius: 50%;
    background: #fff;
    transition: transform 0.15s;
  }
  .sheet :global(.thumb[data-state='checked']) {
    transform: translateX(22px);
  }
</style>
