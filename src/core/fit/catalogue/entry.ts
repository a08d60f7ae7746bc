// Writes one way of the catalogue so that it can be read at a glance, and reads its short marks.
import { readAsk, PURPOSES, type Purpose } from '../../technique/asks';
import { DEMANDS, HAZARDS, type Demand, type Hazard } from '../../technique/model';
import { STAKES, type Adaptation, type Asked, type Stake, type Takes, type WayKind } from '../model';

/**
 * `takes`: "demand/purpose", with ">some" where something is left, and "@cool,raw" where it holds with only these at stake; purpose * for all.
 * `adds`: "demand/purpose", with ! for much.
 */
export type Written = {
  takes: string;
  adds?: string;
  brings?: string;
  spares?: string;
  techniques?: string;
  on?: string;
  foods?: string;
  notFoods?: string;
  tools?: string;
  instead?: string;
  calls?: string;
  moves?: 'microwave';
  seat?: string;
  unlit?: true;
  ahead?: string;
  scope?: Adaptation['scope'];
  skill?: Adaptation['skill'];
  say?: string;
  words?: string;
  next?: string;
  caution?: string;
  ask?: string;
  source?: string;
};

const words = (text: string | undefined): string[] => (text ?? '').split(' ').filter(Boolean);

/** @throws Error for marks that name no demand, purpose or stake: a fault of the table */
export function readTakes(word: string): Takes {
  const [asked, stakes] = word.split('@') as [string, string | undefined];
  const [name, to] = asked.split('>') as [string, string | undefined];
  const [demand, of] = name.split('/') as [Demand, Purpose | '*'];
  const upTo = (stakes?.split(',') ?? STAKES) as Stake[];
  const fits =
    DEMANDS.includes(demand) &&
    (of === '*' || (PURPOSES[demand] as readonly string[]).includes(of)) &&
    upTo.every((s) => STAKES.includes(s));
  if (!fits || (to !== undefined && to !== 'some')) throw new Error(`no way takes “${word}”`);
  return { demand, of, to: to === 'some' ? 'some' : 'none', upTo };
}

function readAdds(word: string): Asked {
  return { ...readAsk(word), where: 'cool', why: 'the way itself asks it' };
}

function readHazard(word: string): Hazard {
  if (!HAZARDS.includes(word as Hazard)) throw new Error(`“${word}” is no hazard`);
  return word as Hazard;
}

/** What a kind of way leaves of the skill, where the entry does not say. */
const SKILL = { show: 'same', tool: 'same', method: 'same', share: 'same', ready: 'gone', adult: 'gone' } as const;

/** One way of the catalogue. */
export function way(id: string, kind: WayKind, name: string, w: Written): Adaptation {
  return {
    id,
    name,
    kind,
    scope: w.scope ?? 'step',
    takes: words(w.takes).map(readTakes),
    adds: words(w.adds).map(readAdds),
    brings: words(w.brings).map(readHazard),
    spares: words(w.spares).map(readHazard),
    ahead: w.ahead ?? null,
    moves: w.moves ?? null,
    fits: {
      ...(w.unlit ? { unlit: true as const } : {}),
      ...(w.techniques ? { techniques: words(w.techniques) } : {}),
      ...(w.on ? { tools: words(w.on) } : {}),
      ...(w.foods ? { foods: w.foods.split('|') } : {}),
      ...(w.notFoods ? { notFoods: w.notFoods.split('|') } : {}),
    },
    tools: words(w.tools),
    instead: w.instead ?? null,
    calls: w.calls ?? null,
    seat: w.seat ?? null,
    skill: w.skill ?? SKILL[kind],
    say: w.say ?? '',
    words: w.words ?? null,
    next: w.next ?? null,
    caution: w.caution ?? null,
    ask: w.ask ?? null,
    source: w.source ?? 'common practice',
  };
}
