<script lang="ts">
  import { sitePage, treatments } from '$lib/api/queries';
  import Waiting from '$lib/forms/Waiting.svelte';
  import RunningCourse from './RunningCourse.svelte';

  const courses = treatments();
  const site = sitePage();
  const today = $derived(site.data?.today ?? '');
</script>

<Waiting query={courses}>
  {#each courses.data ?? [] as course (course.uid)}
    <RunningCourse {course} {today} />
  {:else}
    <p class="sheet">
      Nothing is under treatment. A course says what is used, how often and on which plants; it is
      ended by clean looks in a row, and begun anew by one that finds something.
    </p>
  {/each}
</Waiting>
