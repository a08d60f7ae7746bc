<!-- A field for a new password: what it has to be is said before, not after. -->
<script lang="ts">
  import { LONGEST_PASSWORD, SHORTEST_PASSWORD } from '$core';
  let shown = $state(false);
</script>

<div>
  <label class="block" for="new-password">Password</label>
  <p id="password-says" class="text-sm text-muted">
    At least {SHORTEST_PASSWORD} characters. Three or four words that do not belong together are easy to keep in mind.
  </p>
  <div class="flex gap-2">
    <input
      id="new-password"
      class="field"
      type={shown ? 'text' : 'password'}
      name="password"
      autocomplete="new-password"
      aria-describedby="password-says"
      required
      minlength={SHORTEST_PASSWORD}
      maxlength={LONGEST_PASSWORD}
    />
    <button type="button" class="btn" aria-pressed={shown} onclick={() => (shown = !shown)}>{shown ? 'Hide' : 'Show'}</button>
  </div>
</div>
