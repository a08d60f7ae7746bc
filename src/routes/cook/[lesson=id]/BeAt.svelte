<!-- Where each adult has to be by the plan: now, or next and by when. -->
<script lang="ts">
  import { stintAt, timeAt } from '$lib/ui/now-next';
  import type { RoomPlan } from '$lib/ui/room-data';
  type Props = { plan: RoomPlan; adults: readonly string[]; minute: number; startsAt: string | null; lesson: string };
  let { plan, adults, minute, startsAt, lesson }: Props = $props();
  const at = (m: number) => timeAt(startsAt, m);
  const rows = $derived(
    adults.flatMap((adult) => {
      const found = stintAt(plan, adult, minute);
      if (!found) return [];
      const { stint, isNow } = found;
      const who = stint.with.length > 0 ? `, ${stint.with.join(' and ')}` : '';
      return [
        { adult, say: isNow ? `${stint.station}${who}, until ${at(stint.to)}` : `be at the ${stint.station}${who} by ${at(stint.from)}` },
      ];
    }),
  );
</script>

<p class="flex flex-wrap gap-x-5 text-sm leading-tight text-muted">
  {#each rows as r (r.adult)}<span><b>{r.adult}</b>: {r.say}</span>{/each}
  <a href="/lessons/{lesson}/plan">Plan</a>
</p>
