<script lang="ts">
  let { form } = $props();
</script>

<main class="mx-auto max-w-xl px-4 py-10">
  <h1 class="text-3xl!">My screen</h1>
  <form method="POST" class="mt-6">
    <label for="code" class="text-xl">The code on the teacher’s screen</label>
    <input
      id="code"
      name="code"
      class="field mt-2 min-h-20! text-center text-4xl! tracking-[0.3em] tabular-nums"
      inputmode="numeric"
      autocomplete="off"
      maxlength="9"
      required
    />
    {#if form?.problem}<p class="problem mt-2 text-lg" role="alert">{form.problem}</p>{/if}
    <button class="btn btn-act mt-4 min-h-20! w-full text-2xl">Open</button>
  </form>
</main>
