// Walks the catalogue: every way names real demands, tools and techniques, and says what a card needs.
import { expect, test } from 'vitest';
import { ADAPTED_TOOLS } from '../technique/adapted-tools';
import { PURPOSES } from '../technique/asks';
import { techniqueById } from '../technique/lexicon';
import { toolById, TOOLS } from '../technique/tools';
import { readTakes } from './catalogue/entry';
import { adaptationById, ADAPTATIONS } from './catalogue/index';
import { PROFILE_QUESTIONS } from './profile-questions';

test('at least 110 ways, ids one of a kind', () => {
  expect(ADAPTATIONS.length).toBeGreaterThanOrEqual(110);
  expect(new Set(ADAPTATIONS.map((a) => a.id)).size).toBe(ADAPTATIONS.length);
});
test.each(ADAPTATIONS.map((a) => [a.id, a] as const))('%s', (_, a) => {
  expect(a.takes.length + a.spares.length).toBeGreaterThan(0);
  for (const t of [...a.tools, ...(a.fits.tools ?? []), ...(a.instead ? [a.instead] : []), ...(a.calls ? [a.calls] : [])])
    expect(toolById(t), t).toBeDefined();
  for (const t of a.fits.techniques ?? []) expect(techniqueById(t), t).toBeDefined();
  if (a.next) expect(a.next === 'usual' || adaptationById(a.next), a.next).toBeTruthy();
  // how every step is shown needs no line on each; all else says how it is done
  if (a.scope === 'step') expect(a.say || a.words, 'a line or words').toBeTruthy();
  for (const line of [a.say, a.words, a.caution, a.ask]) if (line) expect(line).toMatch(/^[A-Z{“].*[.?”]$/);
  // nothing is called safe, whatever is done
  expect([a.name, a.say, a.words, a.caution, a.ask].join(' ')).not.toMatch(/\bsafe(?:ly)?\b/i);
  // done before or by somebody else, the learner does not learn it
  if (a.kind === 'ready') expect(a.skill).not.toBe('same');
  // what it adds it does not take itself
  for (const added of a.adds) expect(a.takes.some((t) => t.demand === added.demand && t.of === added.of)).toBe(false);
});
test('stepping stones end', () => {
  for (const a of ADAPTATIONS) {
    const seen = new Set<string>();
    for (let id: string | null = a.id; id && id !== 'usual'; id = adaptationById(id)?.next ?? null) {
      expect(seen.has(id), `${a.id} comes back to ${id}`).toBe(false);
      seen.add(id);
    }
  }
});
test('each adapted tool is for some way, and none hides a usual one', () => {
  const used = new Set(ADAPTATIONS.flatMap((a) => a.tools));
  for (const tool of ADAPTED_TOOLS) {
    expect(used.has(tool.id), tool.id).toBe(true);
    expect(
      TOOLS.some((t) => t.id === tool.id || t.words.includes(tool.name)),
      tool.id,
    ).toBe(false);
    if (tool.standIn) expect(toolById(tool.standIn.tool), tool.id).toBeDefined();
  }
});
test('a short mark that names nothing is refused', () => {
  for (const wrong of ['sight/blood', 'flying/aim', 'sight/blade>much', 'sight/blade@wet'])
    expect(() => readTakes(wrong), wrong).toThrow('no way takes');
  expect(readTakes('fine-aim/fill>some@cool,raw')).toEqual({ demand: 'fine-aim', of: 'fill', to: 'some', upTo: ['cool', 'raw'] });
});
test('every question of the profile sets what some step asks', () => {
  for (const q of PROFILE_QUESTIONS)
    for (const c of q.choices) {
      const marks = [...c.needs, ...c.has];
      expect(marks.length > 0 || c.hand !== undefined, `${q.id} ${c.id}`).toBe(true);
      for (const m of marks) if (m.of) expect(PURPOSES[m.demand] as readonly string[], `${q.id} ${c.id}`).toContain(m.of);
    }
});
