<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { answered, api, problemOf, type Problem } from '$lib/api/client';
  import { changed } from '$lib/api/keys';
  import type { Schemas } from '$lib/interface/schemas';
  import ChoiceField from '$lib/forms/ChoiceField.svelte';
  import { faultOf } from '$lib/forms/faults';
  import FormHead from '$lib/forms/FormHead.svelte';
  import TextField from '$lib/forms/TextField.svelte';
  import { times } from '$lib/words/numbers';
  import { lengthIn, lengthUnit, volumeIn, volumeUnit, capital } from '$lib/words/units.svelte';

  interface Props {
    choices: Schemas['Choices'];
  }
  const { choices }: Props = $props();
  const client = useQueryClient();
  const SORTS = [
    { value: 'pots', words: 'pots' },
    { value: 'loose', words: 'a component of mixes' },
    { value: 'things', words: 'something else' },
  ];
  const pots = $derived(
    choices.pots.filter(({ value }) => value !== 'UNKNOWN' && value !== 'MOUNT'),
  );
  const components = $derived(
    choices.components
      .filter(({ component }) => component !== 'UNKNOWN' && component !== 'MOUNT')
      .map(({ component, words, detail }) => ({
        value: component as string,
        words: detail ? `${words} (${detail})` : words,
      })),
  );
  const levels = $derived(choices.stockLevels.map(({ words }, i) => ({ value: String(i), words })));

  let sort = $state('pots');
  let type = $state('CLEAR');
  let diameter = $state('');
  let depth = $state('');
  let component = $state('BARK_MEDIUM');
  let grade = $state('');
  let name = $state('');
  let amount = $state('');
  const loose = (typed: string) =>
    typed.trim() === '' ? times(typed, 1) : volumeIn(typed, 'large');
  let level = $state('2');
  let problem = $state<Problem>();

  const length = (typed: string) => (typed.trim() === '' ? null : lengthIn(typed));

  async function add(event: SubmitEvent) {
    event.preventDefault();
    problem = undefined;
    const how =
      sort === 'pots' ? times(amount, 1) : sort === 'loose' ? loose(amount) : Number(level);
    try {
      await answered(
        api.POST('/api/stock', {
          body: {
            pot:
              sort === 'pots'
                ? {
                    type: type as Schemas['PotEntry']['type'],
                    diameterMm: length(diameter),
                    depthMm: length(depth),
                    topLayer: '',
                  }
                : null,
            component: sort === 'loose' ? (component as Schemas['MixPart']['component']) : null,
            grade: sort === 'loose' && grade ? (grade as Schemas['StockEntry']['grade']) : null,
            name: sort === 'things' ? name : null,
            amount: how,
          },
        }),
      );
      [diameter, depth, name, amount] = ['', '', '', ''];
      await changed(client, 'stock');
    } catch (failure) {
      problem = problemOf(failure);
    }
  }
</script>

<form onsubmit={add} novalidate>
  <FormHead {problem} fields={['amount', 'pot.diameterMm', 'pot.depthMm', 'name']} leads={false} />
  <ChoiceField label="What" choices={SORTS} bind:value={sort} />
  {#if sort === 'pots'}
    <ChoiceField label="Kind of pot" choices={pots} bind:value={type} />
    <TextField
      label="Across the rim"
      hint={lengthUnit()}
      inputmode="decimal"
      fault={faultOf(problem, 'pot.diameterMm')}
      bind:value={diameter}
    />
    <TextField
      label="Depth"
      hint="{lengthUnit()}, if you know it"
      inputmode="decimal"
      fault={faultOf(problem, 'pot.depthMm')}
      bind:value={depth}
    />
    <TextField
      label="How many"
      inputmode="numeric"
      fault={faultOf(problem, 'amount')}
      bind:value={amount}
    />
  {:else if sort === 'loose'}
    <ChoiceField label="Component" choices={components} bind:value={component} />
    <ChoiceField
      label="Pieces of"
      choices={choices.grades}
      unchosen="not said"
      bind:value={grade}
    />
    <TextField
      label={capital(volumeUnit('large'))}
      inputmode="decimal"
      fault={faultOf(problem, 'amount')}
      bind:value={amount}
    />
  {:else}
    <TextField label="Name" fault={faultOf(problem, 'name')} bind:value={name} />
    <ChoiceField label="How much" choices={levels} bind:value={level} />
  {/if}
  <button type="submit" class="act go">Put it in stock</button>
</form>

<style>
  form {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 12px;
    align-items: start;
  }
  form .act {
    align-self: end;
  }
</style>
