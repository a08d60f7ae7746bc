<!-- Signs out, and takes what the device holds of lessons with it; what the server does not have yet is sent first, or stays. -->
<script lang="ts">
  import { wipeDevice } from '$lib/ui/on-device';
  /** Longer than this nobody waits for a network to sign out, in milliseconds. */
  const PATIENCE = 3000;
  let wiped = false;
  async function onsubmit(event: SubmitEvent & { currentTarget: HTMLFormElement }) {
    if (wiped) return;
    event.preventDefault();
    const form = event.currentTarget;
    const [{ outbox }, { forgetRooms }] = await Promise.all([import('$lib/outbox/outbox.svelte'), import('$lib/outbox/device-store')]);
    await Promise.race([outbox.start().then(() => outbox.send()), new Promise((done) => setTimeout(done, PATIENCE))]);
    await forgetRooms();
    wipeDevice();
    wiped = true;
    form.requestSubmit();
  }
</script>

<form method="POST" action="/sign-out" {onsubmit}><button class="min-h-8 underline">Sign out</button></form>
