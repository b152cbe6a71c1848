<script lang="ts">
  // A path that is no view.
</script>

<svelte:head><title>Not found – Able Medic</title></svelte:head>

<section class="page">
  <h1>There is nothing here</h1>
  <p>Go to the <a href="/">bench</a>, or press <kbd>/</kbd> to find a craft, a work-up or a page.</p>
</section>
