import { USUAL_LOOK } from '$core';
import { inForce } from '$lib/server/records';
import { screenOf, throughScreen } from '$lib/server/own-screen';
import { holdRoom } from '$lib/server/room';
import { roomPage } from '$lib/server/room-page';
import { thenAfter } from '$lib/ui/now-next';
import { error } from '@sveltejs/kit';

/** One learner's cards and nothing else: no level of help, no other learner, no aim. */
export const load = async ({ params, locals }) => {
  const held = await locals.inSchool(async (trx) => {
    const screen = await screenOf(trx, params.code);
    const room = screen ? await holdRoom(trx, screen.classLessonId, { withAims: false }) : null;
    return screen && room ? { screen, room } : null;
  });
  if (!held) error(404, 'No lesson of today has this code. Ask for it again.');
  await locals.rest();
  const { room, drawn } = await roomPage(held.room, held.screen.learnerId);
  const { people, cards, plan } = room;
  const person = people[0];
  if (!person) error(404, 'No lesson of today has this code. Ask for it again.');
  const recorded = inForce(held.room.recorded.filter((r) => r.learnerId === person.id));
  const done = new Set(recorded.map((r) => `${r.lessonId} ${r.stepKey}`));
  const learner = held.room.learners.find((l) => l.id === person.id);
  const used = [...new Set(person.items.map((i) => i.picture))];
  return {
    title: 'My screen',
    code: params.code,
    lesson: held.screen.classLessonId,
    name: person.name,
    learnerId: person.id,
    face: person.face && throughScreen(params.code, person.face),
    sprite: drawn.sprite,
    pictures: used.map((i) => throughScreen(params.code, drawn.pictures[i])),
    cards: person.items.map((item) => {
      const card = cards[item.card];
      return {
        lesson: card.lesson,
        key: card.key,
        text: item.text ?? card.text,
        lines: item.lines,
        adult: item.who === 'adult',
        voice: item.text || !card.voice ? null : throughScreen(params.code, card.voice),
        wait: card.wait,
        hazards: card.hazards,
        picture: used.indexOf(item.picture),
        done: done.has(`${card.lesson} ${card.key}`),
        then: plan ? thenAfter(plan, `${card.lesson} ${card.key}`) : null,
      };
    }),
    look: learner?.screen ?? USUAL_LOOK,
  };
};
