<script lang="ts">
  /** Picks a photo, from the camera of a tablet as well. */
  let { of, onphoto }: { of: string; onphoto: (file: File) => void } = $props();

  function picked(file: File | undefined): void {
    if (file) {
      onphoto(file);
    }
  }
</script>

<label class="plain">
  <input
    class="sr-only"
    type="file"
    accept="image/*"
    aria-label={`Photo: ${of}`}
    onchange={(event) => picked(event.currentTarget.files?.[0])}
  />
  photo
</label>

<style>
  label {
    cursor: pointer;
    font-size: 1rem;
    color: var(--soft);
  }

  label:focus-within {
    outline: 3px solid var(--doubt-fill);
  }
</style>
