// How a card calls an ingredient in the middle of a sentence.

/** Words of foods that are names of places, peoples or kinds, and keep their capital. */
const PROPER = new Set(
  'worcestershire dijon greek turkish monterey parmesan cheddar bramley braeburn granny brussels chinese italian french mexican thai spanish japanese indian korean cajun swiss english welsh scottish irish danish savoy jerusalem cornish medjool arborio maris yorkshire halloween christmas easter'.split(
    ' ',
  ),
);

/**
 * The item of a list as a card says it: "Plain flour" is "plain flour", "Worcestershire sauce" stays.
 * @param item as the list has it
 */
export function itemName(item: string): string {
  const name = item.replace(/\s+from (?:a|the) (?:tin|can|jar|packet|carton|tub|tube|bottle|squeezy bottle)$/i, '');
  const first = /^\p{L}+/u.exec(name)?.[0] ?? '';
  return PROPER.has(first.toLowerCase()) ? name : name.charAt(0).toLowerCase() + name.slice(1);
}
