<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { toaster } from '$lib/shell/toaster';
  import { sendPhotos } from './sendAll';

  interface Props {
    plantId: number;
    /** Of what the picture is, as in "Picture of … kept"; without it "Picture kept". */
    of?: string;
    /** What is written under the picture. */
    caption?: string;
    /** Worked with gloves on. */
    tall?: boolean;
  }
  const { plantId, of, caption, tall = false }: Props = $props();
  const client = useQueryClient();

  /** A picture goes off at once; it stands with the look of its day. */
  async function photograph(files: FileList | null) {
    const title = of ? `Picture of ${of} kept` : 'Picture kept';
    const kept = await sendPhotos(client, plantId, files ?? [], { caption });
    if (kept) toaster.success({ title, duration: 4000 });
  }
</script>

<label class="act" class:tall>
  Photograph
  <input
    type="file"
    accept="image/*"
    capture="environment"
    class="sr-only"
    onchange={(event) => photograph(event.currentTarget.files)}
  />
</label>

<style>
  label:focus-within {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
  }
</style>
