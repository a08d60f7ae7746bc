// What may take a missing tool's place, what changes, and what hazard it adds. Common practice.
import type { Hazard } from './model';

export type ToolSubstitute = { for: string; use: string; changes: string; adds: Hazard[] };

const swap = (tool: string, use: string, changes: string, ...adds: Hazard[]): ToolSubstitute => ({ for: tool, use, changes, adds });

const TOOL_SUBSTITUTES: ToolSubstitute[] = [
  swap('rolling-pin', 'a smooth bottle', 'Wash it first and dust it with flour. Plastic rather than glass.'),
  swap('whisk', 'two forks held together', 'Takes longer.'),
  swap('jug', 'a jar with marks on a strip of tape', 'Mark the amounts with the learner beforehand.'),
  swap('colander', 'the pan’s own lid, held a little open', 'The steam comes at the hands: an adult does it.', 'hot', 'steam'),
  swap('colander', 'a slotted spoon to lift the food out', 'No pouring of hot water at all.'),
  swap('sieve', 'a colander lined with a clean cloth', 'Slower.'),
  swap('sieve', 'a fork to press out lumps', 'For flour and sugar only.'),
  swap('cutter', 'the rim of a plastic cup', 'Dip the rim in flour.'),
  swap('peeler', 'a paring knife', 'It cuts deeper and toward the hand: a hazard more.', 'sharp'),
  swap('peeler', 'a scrubbing brush, and leave the skin on', 'No blade at all. For carrots and potatoes.'),
  swap('grater', 'ready-grated cheese or vegetables', 'No blade at all.'),
  swap('grater', 'a knife, to cut it very small', 'More cutting.', 'sharp'),
  swap('garlic-press', 'the flat of a table knife', 'Press, do not hit.'),
  swap('garlic-press', 'garlic from a jar', 'No pressing: 1/2 teaspoon for a clove.'),
  swap('can-opener', 'tins with a ring-pull', 'The lid has an edge just the same.', 'edge'),
  swap('can-opener', 'an electric opener', 'No turning; it is loud.', 'electric'),
  swap('juicer', 'a fork, turned in the cut half', 'Needs more strength in the hands.'),
  swap('masher', 'a fork', 'Smaller amounts at a time.'),
  swap('ladle', 'a cup with a long handle', 'Not a short one: the hand comes near what is hot.', 'hot'),
  swap('tongs', 'two spoons', 'Needs both hands.'),
  swap('turner', 'two table knives side by side', 'Nearer to the heat.', 'hot'),
  swap('spatula', 'a large spoon', 'Leaves more in the bowl.'),
  swap('wooden-spoon', 'any long spoon', 'Metal gets hot in a hot pan.', 'hot'),
  swap('slotted-spoon', 'a fork and a spoon', 'Slower.'),
  swap('pastry-brush', 'the back of a spoon', 'Less even.'),
  swap('wire-rack', 'a cold oven shelf on two bowls', 'Stands less firm.'),
  swap('paper', 'a thin layer of butter or oil on the tin', 'Things may still stick.'),
  swap('foil', 'a plate or lid that can take the heat', 'It gets hot: oven gloves.', 'hot'),
  swap('cling-film', 'a plate on top of the bowl', 'Nothing to tear off.'),
  swap('muffin-cases', 'squares of baking paper', 'Press them in with a glass.'),
  swap('muffin-tin', 'two paper cases in one another on a tray', 'They spread a little.'),
  swap('cake-tin', 'a baking dish of about the same area', 'Deeper or flatter: look at it earlier.'),
  swap('tray', 'a baking dish upside down', 'Only for flat things.'),
  swap('second-tray', 'the first tray, once it is empty', 'One after the other: more time.'),
  swap('second-frying-pan', 'the first pan, once it is empty', 'What was in it waits on a plate.'),
  swap('baking-dish', 'a frying pan that can go in the oven', 'Its handle is as hot as the oven.', 'hot'),
  swap('saucepan', 'a bowl in the microwave', 'Stir half way. The bowl gets hot.', 'hot', 'steam'),
  swap('large-pan', 'two smaller pans', 'Two rings to watch.', 'hot'),
  swap('frying-pan', 'an electric skillet', 'Stands on the table, no ring to find.', 'electric', 'hot'),
  swap('wok', 'a large frying pan', 'Cook in two rounds.'),
  swap('kettle', 'a pan on the hob', 'Open water to carry and pour: an adult pours.', 'hot', 'steam'),
  swap('microwave', 'a pan on the hob', 'A ring to turn on and off.', 'hot'),
  swap('toaster', 'the grill', 'It does not stop by itself.', 'hot'),
  swap('blender', 'a masher or a fork', 'Not as smooth; quiet, and no blade.'),
  swap('mixer', 'a wooden spoon or a whisk', 'Takes longer; quiet.'),
  swap('slow-cooker', 'a pan on the lowest heat', 'Somebody has to stay with it.', 'hot'),
  swap('scale', 'cups and spoons', 'See the amounts by volume; less exact.'),
  swap('timer', 'the timer of a phone or the microwave', 'Agree who listens for it.'),
  swap('board', 'a large flat plate', 'It slips: put a damp cloth under it.'),
  swap('knife', 'scissors, for herbs, beans and soft things', 'Still a blade.', 'sharp'),
  swap('knife', 'a table knife or plastic knife, for soft things', 'It saws rather than cuts.'),
  swap('scissors', 'packets opened beforehand', 'No blade at all.'),
  swap('thermometer', 'none', 'For meat, fish and egg nothing takes its place: cook what needs none, or borrow one.'),
  swap('oven-gloves', 'none', 'A cloth lets heat and steam through. Without gloves an adult decides whether the oven is used.'),
  swap('lid', 'a plate or a sheet of foil', 'A plate gets hot.', 'hot'),
  swap('storage-box', 'a bowl with a plate on top', 'Write the date on a strip of tape.'),
];

/** What may take a tool's place, by the tool's id; empty when nothing is known. */
export function toolSubstitutes(tool: string): ToolSubstitute[] {
  return TOOL_SUBSTITUTES.filter((row) => row.for === tool);
}
