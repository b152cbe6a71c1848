<script lang="ts">
  /** Takes one file: dropped on it, or chosen with mouse or keys. */
  let {
    label,
    tall = false,
    onfile
  }: {
    /** What is dropped here. */
    label: string;
    /** Whether it stands for itself, instead of among other things. Default: it does not. */
    tall?: boolean;
    onfile: (file: File) => void;
  } = $props();

  let over = $state(false);

  function take(files: FileList | null | undefined): void {
    const file = files?.[0];
    if (file) {
      onfile(file);
    }
  }
</script>

<label
  class="drop"
  class:over
  class:tall
  ondragover={(event) => {
    event.preventDefault();
    over = true;
  }}
  ondragleave={() => (over = false)}
  ondrop={(event) => {
    event.preventDefault();
    over = false;
    take(event.dataTransfer?.files);
  }}
>
  <span>{label}, or</span>
  <span class="plain" aria-hidden="true">choose a file</span>
  <input class="sr-only" type="file" onchange={(event) => take(event.currentTarget.files)} />
</label>

<style>
  .drop {
    display: flex;
    flex-wrap: wrap;
    gap: 0.5rem;
    align-items: baseline;
    min-height: 44px;
    padding: 0.5rem 0.9rem;
    border: 2px dashed var(--soft);
    border-radius: 4px;
    cursor: pointer;
  }

  .drop.tall {
    display: grid;
    gap: 0.8rem;
    place-content: center;
    min-height: 9rem;
    padding: 1rem;
  }

  .drop:focus-within {
    outline: 3px solid var(--doubt-fill);
    outline-offset: 2px;
  }

  .drop.over {
    border-color: var(--act);
    background: var(--act-tint);
  }
</style>
