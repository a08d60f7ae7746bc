import { OTHER_CODES } from '$core';
import { classLessonOf, getClassLesson, getSetUp, markEnded } from '$lib/server/class-lessons';
import { addressesIn } from '$lib/server/photos';
import { holdRoom } from '$lib/server/room';
import { roomPage } from '$lib/server/room-page';
import { cardsOfLesson } from '$lib/server/lesson-fits';
import { isToday } from '$lib/server/today';
import { error, fail, redirect } from '@sveltejs/kit';

export const load = async ({ params, locals, url }) => {
  const second = url.searchParams.has('second');
  const held = await locals.inSchool(async (trx) => {
    const room = await holdRoom(trx, params.lesson, { second });
    if (!room) {
      // a lesson of one recipe is part of a lesson of the class
      const whole = await classLessonOf(trx, params.lesson);
      if (whole) redirect(307, `/cook/${whole}`);
      error(404, 'There is no lesson at this address.');
    }
    // on its day a lesson can be opened before anybody said that it begins: a device takes it along
    if (!room.lesson.begun && !isToday(room.lesson.heldOn)) redirect(307, `/lessons/${params.lesson}`);
    return { ...room, setUp: room.lesson.begun ? null : await getSetUp(trx, params.lesson) };
  });
  if (held.setUp) {
    const cards = await cardsOfLesson(locals, held.setUp);
    for (const p of held.places)
      p.fit = new Map(
        cards
          .get(p.lessonId)
          ?.get(p.learnerId)
          ?.map((c) => [c.key, c]),
      );
  }
  await locals.rest();
  const { room, drawn } = await roomPage(held);
  const { name, ...pictures } = drawn;
  return {
    title: room.people.length === 1 ? room.people[0].name : room.title,
    /** As JSON, packed: a lesson is some thousands of small values, which the page's own way of sending them takes ten times as long for. */
    room: await locals.parcels.pack(room),
    pictures: await locals.parcels.packOnce(name, pictures),
    /** What a device takes along with the page; what is packed it does not look into. */
    kept: addressesIn(
      [
        ...pictures.pictures.filter((svg) => svg.includes('<image')),
        ...room.cards.map((c) => c.voice),
        ...room.people.map((p) => p.face),
      ].join(' '),
    ),
    second,
    others: OTHER_CODES,
    recipes: held.dishes.map((d) => ({ id: d.recipeId, lesson: d.lessonId, title: d.title })),
    today: isToday(room.heldOn),
  };
};

export const actions = {
  /** Somebody ended it too early: the same day it goes on. */
  again: async ({ params, locals }) => {
    const done = await locals.inSchool(async (trx) => {
      const lesson = await getClassLesson(trx, params.lesson);
      if (!lesson || !isToday(lesson.heldOn)) return false;
      await markEnded(trx, params.lesson, false);
      return true;
    });
    if (!done) return fail(400, { problem: 'A lesson goes on only on its own day. What was recorded in it stays as it is.' });
    redirect(303, `/cook/${params.lesson}`);
  },
};
