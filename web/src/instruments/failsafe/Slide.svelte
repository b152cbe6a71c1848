<script lang="ts">
  /** A number that is dragged, with its value at its label. */
  let {
    id,
    label,
    unit,
    most,
    least = 0,
    step = 1,
    value = $bindable()
  }: {
    id: string;
    label: string;
    unit: string;
    most: number;
    least?: number;
    step?: number;
    value: number;
  } = $props();
</script>

<label for={id}>{label} <span class="figure">{value} {unit}</span></label>
<input {id} type="range" min={least} max={most} {step} bind:value />

<style>
  label {
    display: flex;
    justify-content: space-between;
    gap: 0.8rem;
  }

  input {
    width: 100%;
    min-height: 30px;
    accent-color: var(--act);
  }
</style>
