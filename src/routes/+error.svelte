<script lang="ts">
  import { page } from '$app/state';
</script>

<h1 class="mt-6">{page.status === 404 ? 'There is nothing here' : 'That did not work'}</h1>
<p class="mt-3 max-w-prose">{page.error?.message}</p>
{#if page.error?.id}<p class="mt-2 text-sm text-muted">Number of this request: {page.error.id}</p>{/if}
<p class="mt-4"><a class="btn" href="/">To Today</a></p>
