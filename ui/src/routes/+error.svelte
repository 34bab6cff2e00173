<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>Not found · Mellow Almanac</title></svelte:head>
<h1>There is no such page</h1>
<p>{page.error?.message}</p>
<p><a class="link" href="/plants">To the plants</a></p>
