// A whole stretch on another appliance: what one pan does on its ring, in a bowl in the microwave. No ring is lit, the bowl goes in before it is heated and comes out hot.
import { toolName } from '../task/routines';
import type { Kitchen, Step, TaskAnalysis } from '../plan/model';
import { plainStep } from '../plan/plain-step';
import { techniqueById } from '../technique/lexicon';
import type { Act } from '../technique/works';
import { hasMark, toolById } from '../technique/tools';
import { worksOfStep } from './loads';
import type { Adaptation, OwnStep } from './model';
import { isFor } from './problem';
import { lanes } from './lanes';

/** Acts of a ring that a microwave has none of. */
const OF_RING = new Set<Act>(['ring-on', 'ring-set', 'off', 'off-ring']);
const RAW = ['raw-meat', 'raw-fish', 'raw-egg'] as const;

/** The pan that stands on the ring of a lane; null where several do. */
function panOf(lane: readonly Step[]): string | null {
  const pans = new Set(lane.filter((s) => worksOfStep(s).act === 'heat').map((s) => s.into));
  const [only] = pans;
  return pans.size === 1 ? (only ?? null) : null;
}

/**
 * Whether a stretch can go to another appliance as a whole: each of its heats is one that the entry names, its pan stands on the ring for nothing else, and is
 * in no oven; nothing raw of an animal is in it, no plain water is heated by itself, which can boil up at a touch (FDA, superheated water), and nothing
 * of metal covers it (USDA on microwaves, from memory).
 */
export function canMove(way: Adaptation, lane: readonly Step[], task: TaskAnalysis): boolean {
  const pan = panOf(lane);
  const heats = lane.filter((s) => worksOfStep(s).act === 'heat');
  const others = lanes(task).filter((other) => other.some((s) => s.into === pan && worksOfStep(s).act === 'heat'));
  return (
    pan !== null &&
    others.length === 1 &&
    heats.every((s) => isFor(way, s) && !(s.uses.length === 0 && /\bwater\b/i.test(s.text))) &&
    !lane.some((s) => RAW.some((hazard) => s.hazards.includes(hazard))) &&
    !task.steps.some(
      (s) => [s.into, ...s.tools].includes(pan) && (worksOfStep(s).act === 'oven' || s.tools.some((id) => hasMark(id, 'metal'))),
    )
  );
}

/** The stretches of a learner's task that a way of his moves, with that way. */
function movedLanes(
  task: TaskAnalysis,
  steps: readonly OwnStep[],
  wayOf: (id: string) => Adaptation | undefined,
): { way: Adaptation; lane: Step[]; pan: string }[] {
  const by = new Map(steps.map((s) => [s.key, s.fitted?.by ?? []]));
  return lanes(task).flatMap((lane) => {
    const ids = lane.flatMap((s) => (worksOfStep(s).act === 'heat' ? (by.get(s.key) ?? []) : []));
    const way = ids.map(wayOf).find((w) => w?.moves);
    const pan = panOf(lane);
    return way && pan ? [{ way, lane, pan }] : [];
  });
}

/**
 * A learner's steps with the stretches that a way moves written anew. Steps that are as they were are the same objects.
 * @param own settles a step that is put in
 */
export function withMoved(
  steps: readonly OwnStep[],
  task: TaskAnalysis,
  kitchen: Kitchen,
  wayOf: (id: string) => Adaptation | undefined,
  own: (step: Step) => OwnStep,
): OwnStep[] {
  return movedLanes(task, steps, wayOf).reduce<OwnStep[]>(
    (all, { way, lane, pan }) => movedOne(all, { way, keys: new Set(lane.map((s) => s.key)), pan }, kitchen, own),
    [...steps],
  );
}

type Move = { way: Adaptation; keys: ReadonlySet<string>; pan: string };

function movedOne(steps: readonly OwnStep[], { way, keys, pan }: Move, kitchen: Kitchen, own: (step: Step) => OwnStep): OwnStep[] {
  const bowl = way.tools[0]!;
  const name = toolName(bowl, kitchen);
  let inside = false;
  let isHot = false;
  return steps.flatMap((s): OwnStep[] => {
    const { act } = worksOfStep(s);
    if (keys.has(s.key) && OF_RING.has(act)) return [];
    const renamed = withBowl(s, pan, bowl, name);
    if (keys.has(s.key) && act === 'heat') {
      const goesIn = inside ? [] : [own(putIn(s, name, bowl, isHot))];
      inside = isHot = true;
      return [...goesIn, heated(renamed, bowl)];
    }
    const touches = renamed.into === bowl || renamed.from === bowl || renamed.tools.includes(bowl);
    if (!inside || !touches || act === 'fetch' || act === 'wait') return [renamed];
    inside = false;
    const out = placed(`${s.key}.0`, s.phase, `Take the ${name} out of the microwave. Wear oven gloves.`, 'take-out-place', bowl);
    return [own({ ...out, tools: ['oven-gloves', 'microwave', bowl], hazards: ['hot', 'steam'], supervision: 'within-reach' }), renamed];
  });
}

const placed = (key: string, phase: Step['phase'], text: string, technique: string, bowl: string): Step => ({
  ...plainStep({ key, text, phase, tools: ['microwave', bowl], minutes: { active: 0.4, waiting: 0 } }),
  technique,
  into: bowl,
});

/** The bowl goes in; with gloves, where it was heated before. */
function putIn(s: OwnStep, name: string, bowl: string, isHot: boolean): Step {
  const step = placed(`${s.key}.1`, s.phase, `Put the ${name} in the microwave.${isHot ? ' Wear oven gloves.' : ''}`, 'put-in-place', bowl);
  return isHot ? { ...step, tools: ['oven-gloves', ...step.tools], hazards: ['hot'], supervision: 'within-reach' } : step;
}

/** The step with the bowl where it had the pan, in its words too. */
function withBowl(s: OwnStep, pan: string, bowl: string, name: string): OwnStep {
  if (s.into !== pan && s.from !== pan && !s.tools.includes(pan)) return s;
  const said = toolById(pan)!.words.find((word) => new RegExp(`\\b${word}\\b`, 'i').test(s.text));
  return {
    ...s,
    text: said
      ? s.text.replace(
          new RegExp(`\\b((?:an?|the) )?(?:(?:large|small|medium|big|heavy|deep|wide|non-stick) )*${said}\\b`, 'i'),
          (_all, article: string | undefined) => `${article ? 'the ' : ''}${name}`,
        )
      : s.text,
    tools: [...new Set(s.tools.map((id) => (id === pan ? bowl : id)))],
    into: s.into === pan ? bowl : s.into,
    ...(s.from === pan ? { from: bowl } : {}),
  };
}

const OVER_HEAT = / (?:over|on) (?:an? |the )?(?:(?:very )?\p{L}+ )?heat\b/iu;
const BRINGS = /^Bring (.+?) (?:back )?to (?:the|a) (?:gentle )?(boil|simmer)\b/i;

/** What the ring did, in the microwave: the same food and, as far as anybody said, the same time, which is looked at before it is over. */
function heated(s: OwnStep, bowl: string): OwnStep {
  const microwave = techniqueById('microwave')!;
  const brought = BRINGS.exec(s.text);
  return {
    ...s,
    technique: 'microwave',
    text: (brought ? s.text.replace(BRINGS, `Microwave ${brought[1]} until it bubbles`) : s.text.replace(/^\S+/, 'Microwave')).replace(
      OVER_HEAT,
      '',
    ),
    tools: [...new Set(['microwave', bowl, ...s.tools.filter((id) => id !== 'hob')])],
    hazards: [...new Set([...s.hazards.filter((h) => h !== 'splash'), ...microwave.hazards])],
    small: microwave.small.map((line) => line.replace('{thing}', `the ${toolById(bowl)?.name ?? 'bowl'}`)),
  };
}
