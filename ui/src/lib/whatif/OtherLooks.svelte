<script lang="ts">
  import type { Problem } from '$lib/api/client';
  import { faultOf } from '$lib/forms/faults';
  import type { Schemas } from '$lib/interface/schemas';
  import LookRow from '$lib/looks/LookRow.svelte';
  import type { TypedLook } from '$lib/looks/looks';

  interface Props {
    choices: Schemas['Choices'];
    /** What was seen last of a thing, in words. */
    last: (item: string) => string | undefined;
    problem: Problem | undefined;
    looks: Record<string, TypedLook>;
  }
  let { choices, last, problem, looks = $bindable() }: Props = $props();

  const sections = $derived.by(() => {
    const keys = [...new Set(choices.looks.map((look) => look.section))];
    return keys.map((key) => {
      const own = choices.looks.filter((look) => look.section === key);
      return { key, title: own[0]!.sectionTitle, looks: own };
    });
  });
</script>

{#each sections as section (section.key)}
  <details class="fold" open={section.key === 'ROOTS'}>
    <summary>{section.title}</summary>
    {#each section.looks as choice (choice.item)}
      <LookRow
        {choice}
        leave="as it is"
        forgettable={last(choice.item) !== undefined}
        last={last(choice.item)}
        fault={faultOf(problem, `looks.${choice.item}`)}
        bind:look={looks[choice.item]!}
      />
    {/each}
  </details>
{/each}
