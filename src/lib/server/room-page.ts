// A lesson of the class as its page is given it: each learner's steps in his words, with his aims, and each picture once.
import { allergensOfFoods, showAllergen, taughtToday, type Learner, type Step } from '$core';
import type { RoomCard, RoomData, RoomItem, RoomPerson, RoomPictures, RoomPlan } from '../ui/room-data';
import { HAZARDS } from '../ui/words';
import { cardsOrTell } from './draft-of';
import { kitchenOf, taskOf } from './fits';
import { classLook } from './kitchen';
import { fitLearner, lookOf, type LearnerRow } from './learners';
import type { OwnCard } from './input/stored';
import { idOf } from './pack';
import { photoSvg } from './photos';
import { recordOf, type HeldDish, type HeldPlace, type HeldRoom } from './room';
import { voiceAt } from './voices';
import type { Drawn } from './work/work';

/**
 * The lesson with its pictures. Each picture stands once, however many learners see it.
 * @returns `drawn`: the pictures, and a name for them: the same name, the same pictures
 */
export async function roomPage(held: HeldRoom, only?: string): Promise<{ room: RoomData; drawn: RoomPictures & { name: string } }> {
  const cards: RoomCard[] = [];
  const firstCard = new Map<string, number>();
  for (const dish of held.dishes) {
    firstCard.set(dish.lessonId, cards.length);
    cards.push(...dish.version.steps.map((s) => cardOf(dish, s)));
  }
  const drawn = drawer(held);
  const drawings = new Drawings();
  const people: RoomPerson[] = [];
  const order = [...new Set(held.places.map((p) => p.learnerId))].filter((id) => only === undefined || id === only);
  for (const id of order) {
    const learner = held.learners.find((l) => l.id === id);
    if (!learner) continue;
    const places = held.dishes.flatMap((d) => held.places.filter((p) => p.lessonId === d.lessonId && p.learnerId === id));
    const items: RoomItem[] = [];
    for (const place of places) {
      const dish = held.dishes.find((d) => d.lessonId === place.lessonId)!;
      const places = drawings.add(dish, await drawn(dish, learner, place.fit));
      const from = firstCard.get(dish.lessonId)!;
      items.push(...itemsOf(dish, place, learner, from, places));
    }
    people.push({
      id,
      name: learner.name,
      face: held.faces.get(id) ?? null,
      notes: learner.planNotes,
      presence: places[0]?.presence ?? 'here',
      adult: places[0]?.adult ?? null,
      places: places.map((p) => ({
        lesson: p.lessonId,
        hierarchy: p.hierarchy,
        procedure: p.procedure,
        mode: held.dishes.find((d) => d.lessonId === p.lessonId)!.mode,
      })),
      items,
    });
  }
  const { lesson } = held;
  const room: RoomData = {
    id: lesson.id,
    title: held.dishes.map((d) => d.title).join(', '),
    heldOn: lesson.heldOn,
    startsAt: lesson.startsAt,
    minutes: lesson.minutes,
    adults: lesson.adults,
    waitShown: lesson.waitShown,
    ended: lesson.ended,
    cards,
    people,
    recorded: held.recorded.map(recordOf),
    marks: held.marks,
    plan: planAt(held, only),
    stamp: held.people,
    now: Date.now(),
  };
  return { room, drawn: drawings.whole() };
}

/** The pictures of a lesson as they are asked for: by recipe and by how a learner sees it. */
class Drawings {
  readonly #at = new Map<string, number>();
  readonly #places = new Map<Drawn, number[]>();
  readonly #sprites = new Set<string>();
  readonly #of: string[] = [];

  /** @returns where the picture of each step stands */
  add(dish: HeldDish, drawn: Drawn): number[] {
    const known = this.#places.get(drawn);
    if (known) return known;
    const places = dish.version.steps.map(({ key }, i) => this.#put(pictureOf(dish, key) ?? drawn.svgs[i] ?? ''));
    this.#places.set(drawn, places);
    this.#sprites.add(drawn.sprite);
    this.#of.push(JSON.stringify([idOf(drawn), dish.recipeId, [...dish.photos]]));
    return places;
  }

  #put(svg: string): number {
    const known = this.#at.get(svg);
    if (known !== undefined) return known;
    this.#at.set(svg, this.#at.size);
    return this.#at.size - 1;
  }

  whole(): RoomPictures & { name: string } {
    return { name: this.#of.join(' '), pictures: [...this.#at.keys()], sprite: [...this.#sprites].join('') };
  }
}

/** The plan in use, with names in place of ids; on a learner's own screen nothing but his own of it. */
function planAt({ plan, learners }: HeldRoom, only?: string): RoomPlan | null {
  if (!plan?.used || plan.placed.length === 0) return null;
  const nameOf = new Map(learners.map((l) => [l.id, l.name]));
  const blocks = plan.placed.filter((b) => b.who.length > 0 && b.steps.length > 0 && (only === undefined || b.who.includes(only)));
  return {
    blocks: blocks.map(({ who, start, end, title, steps }) => ({ who: only === undefined ? who : [only], start, end, title, steps })),
    stints:
      only === undefined ? plan.stints.map(({ with: there, ...s }) => ({ ...s, with: there.flatMap((id) => nameOf.get(id) ?? []) })) : [],
  };
}

/** The pictures of a recipe as a learner sees them, with his own tools; those who see the same share them. */
function drawer({ kitchen }: HeldRoom): (dish: HeldDish, learner: LearnerRow, fit: HeldPlace['fit']) => Promise<Drawn> {
  const known = new Map<string, Promise<Drawn>>();
  return (dish, learner, fit) => {
    const look = { ...classLook(kitchen), ...lookOf(learner) };
    const own = [...fit.values()].filter((card) => card.tools);
    const key = `${dish.lessonId} ${JSON.stringify([look, own])}`;
    if (!known.has(key)) {
      const task = taskOf(dish.title, dish.version);
      const steps = task.steps.map((step) => withOwnTools(step, fit.get(step.key)));
      known.set(key, cardsOrTell({ ...task, steps }, kitchenOf(kitchen), look));
    }
    return known.get(key)!;
  };
}

/** The class's step where the learner uses what the class does. */
const withOwnTools = (step: Step, own: OwnCard | undefined): Step => (own?.tools ? { ...step, tools: own.tools, text: own.text } : step);

const cardOf = (dish: HeldDish, s: Step): RoomCard => ({
  lesson: dish.lessonId,
  voice: voiceAt(dish.recipeId, s.key, dish.voices),
  key: s.key,
  text: s.text,
  phase: s.phase,
  hazards: s.hazards,
  supervision: s.supervision,
  meanwhile: s.meanwhile,
  wait: s.minutes.waiting,
});

function pictureOf(dish: HeldDish, key: string): string | null {
  const photo = dish.photos.get(key);
  return photo === undefined ? null : photoSvg(dish.recipeId, key, photo);
}

/**
 * The steps of a recipe that are a learner's own here, as he does them.
 * @param from place of the first card of the recipe
 * @param pictures places of the pictures of its steps
 */
function itemsOf(dish: HeldDish, place: HeldPlace, learner: LearnerRow, from: number, pictures: readonly number[]): RoomItem[] {
  const { steps } = dish.version;
  const mastered = new Set(steps.filter((s) => place.rungs.get(s.key)?.verdict === 'there').map((s) => s.key));
  const taught = taughtToday(steps, mastered, place.chaining);
  const who = fitLearner(learner);
  return steps.flatMap((step, i): RoomItem[] => {
    if (place.share && !place.share.has(step.key)) return [];
    const own = place.fit.get(step.key);
    const rung = place.rungs.get(step.key);
    const set = place.aims.get(step.key) ?? null;
    // a recipe that is new begins where he is elsewhere
    const pooled = step.technique ? place.elsewhere.get(step.technique) : undefined;
    const first = pooled?.hierarchy.id === place.hierarchy.id ? pooled.rung : undefined;
    return [
      {
        card: from + i,
        picture: pictures[i],
        text: own && own.text !== step.text ? own.text : null,
        lines: own?.lines ?? [],
        who: own?.who ?? (step.supervision === 'adult-does' ? 'adult' : 'learner'),
        marks: warningsOf(step, learner, who),
        // an aim that a person set goes before the one that the records propose
        aim: set ?? rung?.aim ?? first?.aim ?? null,
        why: set === null ? (rung?.aim || !first ? (rung?.reason ?? null) : `In other recipes: ${first.reason}`) : 'Set by a person.',
        taught: taught.get(step.key) ?? 'taught',
      },
    ];
  });
}

/** What must be known of this learner at this step: what a plan rules out, and what the learner must not have. */
function warningsOf(step: Step, row: LearnerRow, { never, allergies }: Learner): string[] {
  const rules = (row.profile?.never ?? []).filter((n) => step.hazards.includes(n.hazard) && never?.includes(n.hazard));
  const foods = new Set(allergies?.length ? allergensOfFoods(step.uses.map((u) => u.item)).map((f) => f.allergen) : []);
  return [
    ...rules.map((n) => `never ${HAZARDS[n.hazard].name} (${n.said})`),
    ...(allergies ?? []).filter((a) => foods.has(a)).map((a) => `must not have ${showAllergen(a)}: own portion, read the label`),
  ];
}
