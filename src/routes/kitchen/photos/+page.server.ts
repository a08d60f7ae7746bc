import { toolById } from '$core';
import { getKitchen } from '$lib/server/kitchen';
import { thingOf } from '$lib/server/photos';
import { at } from '$lib/pictures/pen';
import { sprite, standalone } from '$lib/pictures/sprite';

/** A tool's drawing of 72 x 72 in the middle of a picture. */
const alone = (drawing: string) => standalone(at(50, 10, sprite(drawing, 140)));

/** By name; measures of several sizes are one tool. */
const onceEach = <T extends { thing: string; name: string }>(things: readonly T[]): T[] =>
  [...new Map(things.map((t) => [t.thing, t])).values()].toSorted((a, b) => a.name.localeCompare(b.name));

/** Places and tools of the class's kitchen, each with its photograph where there is one. */
export const load = ({ locals }) =>
  locals.inSchool(async (trx) => {
    const { tools, places, photos } = await getKitchen(trx);
    const names = [...tools.map((t) => t.place), ...Object.values(places)].map((name) => name.trim()).filter(Boolean);
    const one = (thing: string, name: string, svg: string) => ({ thing, name, svg, photo: photos.get(thing) ?? null });
    return {
      title: 'Photos of the kitchen',
      places: onceEach(names.map((name) => one(thingOf('place', name), name, ''))),
      tools: onceEach(
        tools.flatMap(({ id }) => toolById(id) ?? []).map((tool) => one(thingOf('tool', tool.id), tool.name, alone(tool.picture))),
      ),
    };
  });
