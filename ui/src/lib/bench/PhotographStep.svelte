<script lang="ts">
  import { sendPhoto } from '$lib/photos/send';
  import { failed, toaster } from '$lib/shell/toaster';

  interface Props {
    plantId: number;
    /** The step at which it is taken. */
    title: string;
  }
  const { plantId, title }: Props = $props();

  /** A picture says at which step it was taken, so that a find is found again by it. */
  async function photograph(files: FileList | null) {
    for (const file of files ?? []) {
      try {
        await sendPhoto(plantId, file, { caption: `At the bench: ${title.toLowerCase()}` });
        toaster.success({ title: 'Picture kept', duration: 4000 });
      } catch (failure) {
        failed(failure);
      }
    }
  }
</script>

<label class="act tall">
  Photograph
  <input
    type="file"
    accept="image/*"
    capture="environment"
    class="sr-only"
    onchange={(event) => photograph(event.currentTarget.files)}
  />
</label>
