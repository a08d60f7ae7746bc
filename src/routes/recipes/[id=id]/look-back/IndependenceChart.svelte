<!-- Independence over lessons: points are not joined across a phase change, and a missed lesson is a gap. -->
<script lang="ts">
  import { table } from '$core';
  import type { Chart, ChartOption } from '$lib/ui/chart';
  import { showDay } from '$lib/ui/words';
  type Point = {
    lessonId: string;
    day: string;
    phase: string;
    state: string;
    version: number;
    score: { independence: number | null; opportunities: number; independent: number };
  };
  let { lessons, name, theme }: { lessons: Point[]; name: string; theme: string } = $props();
  let chart = $state.raw<Chart>();
  let colours = $state.raw({ ink: '#1e2528', muted: '#4a5560', line: '#d9d2c3', act: '#0b5c7a' });

  const PHASE = table<string>({
    baseline: 'baseline',
    intervention: 'teaching',
    maintenance: 'maintenance',
    generalisation: 'generalisation',
  });
  /** A new stretch begins where the phase or the version of the steps changed. */
  const stretches = $derived.by(() => {
    const found: { from: number; to: number; label: string }[] = [];
    lessons.forEach((l, i) => {
      const before = lessons[i - 1];
      const label = `${PHASE.get(l.phase) ?? l.phase}${lessons.some((o) => o.version !== l.version) ? `, v${l.version}` : ''}`;
      if (before && before.phase === l.phase && before.version === l.version) found.at(-1)!.to = i;
      else found.push({ from: i, to: i, label });
    });
    return found;
  });
  const value = (l: Point) => (l.state === 'missed' || l.score.independence === null ? null : Math.round(l.score.independence * 10) / 10);
  const option = $derived<ChartOption>({
    animation: false,
    textStyle: { fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif", fontSize: 14, color: colours.ink },
    grid: { left: 44, right: 12, top: 30, bottom: 44 },
    tooltip: {
      trigger: 'item',
      formatter: (p: unknown) => {
        const l = lessons[(p as { data: [number, number] }).data[0]];
        return l ? `${showDay(l.day)}: ${value(l)} %, ${l.score.independent} of ${l.score.opportunities} steps` : '';
      },
    },
    // counted lessons, not days: the line of a new phase stands between two of them
    xAxis: {
      type: 'value',
      min: -1,
      max: Math.max(1, lessons.length),
      interval: 1,
      splitLine: { show: false },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: colours.ink } },
      axisLabel: {
        color: colours.ink,
        fontSize: 13,
        hideOverlap: true,
        formatter: (i: number) => (lessons[i] ? showDay(lessons[i].day) : ''),
      },
      name: 'lesson',
      nameLocation: 'middle',
      nameGap: 28,
    },
    yAxis: {
      axisLine: { show: false, onZero: false },
      axisTick: { show: false },
      type: 'value',
      min: 0,
      max: 100,
      interval: 20,
      axisLabel: { formatter: '{value} %', color: colours.ink, fontSize: 13 },
      splitLine: { lineStyle: { color: colours.line } },
    },
    series: stretches.map((s, n) => ({
      type: 'line' as const,
      name: s.label,
      connectNulls: false,
      symbol: 'circle',
      symbolSize: 9,
      lineStyle: { width: 2.5, color: colours.act },
      itemStyle: { color: colours.act },
      data: lessons.slice(s.from, s.to + 1).map((l, i) => [s.from + i, value(l)]) as [number, number][],
      markLine: {
        silent: true,
        symbol: 'none',
        lineStyle: { type: 'dashed' as const, color: colours.muted, width: n === 0 ? 0 : 1.5 },
        label: { formatter: s.label, position: 'end' as const, color: colours.ink, fontSize: 13, align: 'left' as const, distance: 6 },
        data: [{ xAxis: s.from - 0.5 }],
      },
    })),
  });

  function attach(node: HTMLElement) {
    let gone = false;
    const style = getComputedStyle(node);
    const read = (name: string) => style.getPropertyValue(name).trim();
    colours = { ink: read('--ink'), muted: read('--muted'), line: read('--line'), act: read('--act') };
    void import('$lib/ui/chart').then((m) => {
      if (!gone) chart = m.mount(node);
    });
    return () => {
      gone = true;
      chart?.dispose();
      chart = undefined;
    };
  }
  $effect(() => chart?.setOption(option));
  const spoken = $derived(
    `Independence of ${name} over ${lessons.length} lessons: ${lessons.map((l) => `${showDay(l.day)} ${value(l) === null ? 'missed' : `${value(l)} %`}`).join(', ')}.`,
  );
</script>

{#key theme}
  <div {@attach attach} role="img" aria-label={spoken} class="h-72 w-full overflow-hidden" data-testid="chart"></div>
{/key}
