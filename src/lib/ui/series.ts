// The record of one thing over the lessons as a chart takes it: stretches that are not joined, the aim line, and a line where something changed.
import { aimOn, type AimLine, type SeriesPoint } from '$core';
import type { ChartOption } from './chart';
import { changeName, showDay } from './words';

export type Colours = { ink: string; muted: string; line: string; act: string; paper: string };
type Xy = [number, number | null];

/** One decimal at most: a share of steps is no finer. */
const figure = (n: number | null): number | null => (n === null ? null : Math.round(n * 10) / 10);
export const percent = (n: number | null): string => (n === null ? '–' : `${Math.round(n)} %`);

/** From where to where nothing changed; both in. */
function stretches(points: readonly SeriesPoint[]): [number, number][] {
  const starts = [0, ...points.flatMap((p, i) => (i > 0 && p.changes.length > 0 ? [i] : []))];
  return starts.map((from, n) => [from, (starts[n + 1] ?? points.length) - 1]);
}

/** "78 %, 18 of 23 steps" */
export function valueText(p: SeriesPoint): string {
  if (p.missed) return 'missed';
  const steps = `${p.reached} of ${p.score.opportunities} ${p.score.opportunities === 1 ? 'step' : 'steps'}`;
  return `${percent(p.share)}, ${steps}; help score ${percent(p.score.help)}${p.place ? `; at ${p.place}` : ''}${p.open ? '; not over yet, so it does not count' : ''}`;
}

const line = (name: string, data: (Xy | object)[], of: object) => ({ type: 'line' as const, name, connectNulls: false, data, ...of });

/**
 * @param at the lesson that is chosen, by its place in the row; null for none
 * @param level what counts, in a word or two
 */
export function chartOf(points: readonly SeriesPoint[], aim: AimLine | null, at: number | null, level: string, c: Colours): ChartOption {
  const parts = stretches(points);
  const share = parts.map(([from, to]) =>
    line(
      level,
      points.slice(from, to + 1).map((p, i) => ({
        value: [from + i, figure(p.share)] as Xy,
        // not over yet: a hollow mark
        symbol: p.open ? 'emptyCircle' : 'circle',
        symbolSize: from + i === at ? 15 : 9,
      })),
      { lineStyle: { width: 2.5, color: c.act }, itemStyle: { color: c.act } },
    ),
  );
  const help = parts.map(([from, to]) =>
    line(
      'help score',
      points.slice(from, to + 1).map((p, i): Xy => [from + i, figure(p.missed ? null : p.score.help)]),
      {
        symbol: 'emptyTriangle',
        symbolSize: 8,
        lineStyle: { width: 1.2, type: 'dashed', color: c.muted },
        itemStyle: { color: c.muted },
      },
    ),
  );
  const started = aim ? points.findLastIndex((p) => p.day <= aim.from.day) : -1;
  const aims = aim && started >= 0 ? points.slice(started).map((p, i): Xy => [started + i, figure(aimOn(aim, p.day))]) : [];
  const changes = {
    silent: true,
    symbol: 'none',
    lineStyle: { type: 'dashed' as const, color: c.muted, width: 1.5 },
    data: points.flatMap((p, i) =>
      i > 0 && p.changes.length > 0
        ? [
            {
              xAxis: i - 0.5,
              label: { formatter: p.changes.map(changeName).join(', '), color: c.ink, fontSize: 13, align: 'left' as const, distance: 6 },
            },
          ]
        : [],
    ),
  };
  return {
    animation: false,
    textStyle: { fontFamily: "'Atkinson Hyperlegible Next Variable', sans-serif", fontSize: 14, color: c.ink },
    grid: { left: 48, right: 16, top: 28, bottom: 30 },
    xAxis: {
      type: 'value',
      // counted lessons, not days: the line of a change stands between two of them
      min: -1,
      max: Math.max(1, points.length),
      interval: 1,
      splitLine: { show: false },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: c.ink } },
      axisLabel: { color: c.ink, fontSize: 13, hideOverlap: true, formatter: (i: number) => (points[i] ? showDay(points[i].day) : '') },
    },
    yAxis: {
      type: 'value',
      min: 0,
      max: 100,
      interval: 20,
      axisLine: { show: false, onZero: false },
      axisTick: { show: false },
      axisLabel: { formatter: '{value} %', color: c.ink, fontSize: 13 },
      splitLine: { lineStyle: { color: c.line } },
    },
    series: [
      ...help,
      line('aim', aims, { symbol: 'none', lineStyle: { width: 2, type: 'dotted', color: c.ink }, markLine: changes }),
      ...share,
    ],
  };
}
