<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { SvelteSet } from 'svelte/reactivity';
  import { answered, api } from '$lib/api/client';
  import { Saving } from '$lib/api/saving.svelte';
  import FormHead from '$lib/forms/FormHead.svelte';
  import { saved } from '$lib/shell/toaster';
  import { count } from '$lib/words/counts';
  import { aimedAt, type Course, dueOf, type Neighbour, planOf, type Treated } from './course';
  import CourseActs from './CourseActs.svelte';
  import CourseRow from './CourseRow.svelte';

  interface Props {
    course: Course;
    today: string;
  }
  const { course, today }: Props = $props();
  const client = useQueryClient();
  const saving = new Saving();
  /** Those that somebody ticked otherwise than they stood. */
  const otherwise = new SvelteSet<number>();
  const due = $derived(dueOf(course));
  const all = $derived([...course.plants, ...course.neighbours].map(({ plantId }) => plantId));
  const chosen = $derived(all.filter((id) => due.includes(id) !== otherwise.has(id)));
  const aims = $derived(aimedAt(course, chosen));
  const heading = $derived(`course-${course.uid}`);

  const choose = (id: number) => {
    if (!otherwise.delete(id)) otherwise.add(id);
  };

  async function write(
    what: 'treated' | 'clean' | 'plants' | 'end',
    plants: number[],
    said: string,
  ) {
    const result = await saving.save((headers) =>
      answered(
        api.POST(`/api/treatments/{uid}/${what}`, {
          params: { path: { uid: course.uid } },
          headers,
          body: { plants },
        }),
      ),
    );
    if (!result) return;
    saved(client, `${said}: ${count(plants.length, 'plant')}`, result);
    otherwise.clear();
  }
</script>

{#snippet rows(label: string, plants: (Treated | Neighbour)[])}
  <ul aria-label={label}>
    {#each plants as plant (plant.plantId)}
      <CourseRow
        {plant}
        {today}
        wanted={course.cleanWanted}
        chosen={chosen.includes(plant.plantId)}
        choose={() => choose(plant.plantId)}
      />
    {/each}
  </ul>
{/snippet}

<section class="sheet" aria-labelledby={heading}>
  <h2 id={heading}>{course.product}</h2>
  <p class="quiet">{planOf(course)}; {course.cleanWanted} clean looks a week apart end it.</p>
  <FormHead problem={saving.problem} fields={[]} />
  {@render rows('Treated', course.plants)}
  {#if course.neighbours.length}
    <h3>Beside them</h3>
    {@render rows('Beside them', course.neighbours)}
  {/if}
  {#if aims.treat.length}
    <p class="mind">
      <b>Mind.</b> The label is the law: what it allows, as much and as often as it says. Gloves, good
      air, no children or pets near; home remedies are untested. Local rules and licensed advisers come
      first.
    </p>
  {/if}
  <CourseActs {aims} busy={saving.busy} {write} />
</section>

<style>
  h2,
  h3 {
    margin: 0;
  }
  h3 {
    margin-top: 14px;
    font-size: 17px;
  }
  p.quiet {
    margin: 0 0 6px;
  }
  .mind {
    margin: 12px 0 0;
    padding: 10px 14px;
    border-radius: 10px;
    background: var(--color-clay-wash);
    font-size: 15px;
  }
</style>
