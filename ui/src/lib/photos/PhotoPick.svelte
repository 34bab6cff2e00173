<script lang="ts">
  interface Props {
    /** What has been chosen and is not sent yet. */
    files: File[];
  }
  let { files = $bindable() }: Props = $props();
  const seen = $derived(files.map((file) => ({ file, url: URL.createObjectURL(file) })));

  $effect(() => {
    const urls = seen.map(({ url }) => url);
    return () => urls.forEach((url) => URL.revokeObjectURL(url));
  });
</script>

<div class="pick">
  <label class="act small">
    Photographs
    <input
      type="file"
      accept="image/*"
      multiple
      class="sr-only"
      onchange={(event) => {
        files = [...files, ...(event.currentTarget.files ?? [])];
        event.currentTarget.value = '';
      }}
    />
  </label>
  {#each seen as { file, url }, i (url)}
    <span class="one">
      <img src={url} alt={file.name} />
      <button
        type="button"
        class="link"
        aria-label="Leave out {file.name}"
        onclick={() => (files = files.filter((_, at) => at !== i))}>leave out</button
      >
    </span>
  {/each}
</div>

<style>
  .pick {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    align-items: center;
  }
  .pick label:focus-within {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
  }
  .one {
    display: grid;
    justify-items: center;
    font-size: 13px;
  }
  img {
    width: 84px;
    height: 63px;
    object-fit: cover;
    border-radius: 8px;
  }
</style>
