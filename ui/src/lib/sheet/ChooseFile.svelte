<script lang="ts">
  interface Props {
    busy: boolean;
    open: (file: File) => Promise<void>;
  }
  const { busy, open }: Props = $props();
  let over = $state(false);

  function drop(event: DragEvent) {
    event.preventDefault();
    over = false;
    const file = event.dataTransfer?.files[0];
    if (file) void open(file);
  }

  function choose(input: HTMLInputElement) {
    const file = input.files?.[0];
    input.value = '';
    if (file) void open(file);
  }
</script>

<section
  class="sheet"
  class:over
  aria-label="Choose a file"
  ondragover={(event) => {
    event.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={drop}
>
  <p>
    A CSV or XLSX file with one plant in a row. Only the name is needed; headings, days and places
    may be written as they come. You see what is understood before anything is kept.
  </p>
  {#if busy}
    <p role="status">Reading the file…</p>
  {:else}
    <label class="act go">
      Choose a file…
      <input
        type="file"
        accept=".csv,.tsv,.txt,.xlsx,text/csv"
        class="sr-only"
        data-start
        onchange={(event) => choose(event.currentTarget)}
      />
    </label>
    <span class="quiet">or drop one here</span>
  {/if}
</section>

<style>
  section {
    display: grid;
    gap: 12px;
    justify-items: start;
    max-width: 700px;
    padding: 24px;
    border-style: dashed;
  }
  .over {
    background: var(--color-leaf);
  }
  p {
    margin: 0;
    max-width: 62ch;
  }
  label:focus-within {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
  }
</style>
