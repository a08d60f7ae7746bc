// Adapted tools: what a kitchen for people with disabilities may have beside the usual things. Common practice; hazards as the thing has them in the hand.
import type { Hazard, Tool, ToolKind, ToolMark } from './model';

/** A household thing that does in its place, with what to mind. */
export type StandIn = { tool: string; say: string };
export type AdaptedTool = Tool & { for: string; standIn?: StandIn };

const rows: AdaptedTool[] = [];
function add(id: string, name: string, kind: ToolKind, picture: string, use: string, hazards: Hazard[] = [], standIn?: StandIn): void {
  rows.push({ id, name, words: [name], kind, hazards, picture, for: use, ...(standIn ? { standIn } : {}) });
}

// cutting
add('rocker-knife', 'rocker knife', 'cutting', 'knife', 'cuts with one hand, rocked over the food', ['sharp']);
add('push-chopper', 'push chopper', 'cutting', 'cutter', 'chops when its top is pressed; the blades are inside', ['sharp']);
add('wheel-cutter', 'wheel cutter', 'cutting', 'cutter', 'rolls through soft and flat food', ['sharp']);
add('plastic-knife', 'plastic knife', 'utensil', 'table-knife', 'cuts soft food with no sharp edge');
add('loop-scissors', 'loop scissors', 'cutting', 'scissors', 'open by themselves, squeezed with the whole hand', ['sharp']);
add('table-scissors', 'table-top scissors', 'cutting', 'scissors', 'stand on the table and are pressed down', ['sharp']);
add('left-scissors', 'left-handed scissors', 'cutting', 'scissors', 'cut in the left hand', ['sharp']);
add('finger-guard', 'finger guard', 'wear', 'cutter', 'lies between the fingers and the blade');
add('slot-guide', 'slotted cutting guide', 'surface', 'board', 'leads the knife through slots', [], undefined);
add('angled-knife', 'upright-handled knife', 'cutting', 'knife', 'is held like a saw, the wrist straight', ['sharp']);
add('suction-grater', 'grater on a suction base', 'cutting', 'grater', 'stands fast, one hand grates', ['sharp']);
add('carriage-grater', 'grater with a food holder', 'cutting', 'grater', 'keeps the fingers off the blades', ['sharp']);
add('clamp-peeler', 'peeler on a clamp', 'cutting', 'peeler', 'is fixed to the table, the food is drawn along it', ['sharp']);
add('fat-peeler', 'peeler with a thick handle', 'cutting', 'peeler', 'needs less grip', ['sharp']);
// holding
add('spike-board', 'spiked board', 'surface', 'board', 'holds food on spikes; cover them when it is put down', ['sharp']);
add('food-clamp', 'food clamp', 'utensil', 'board', 'holds the food fast', []);
add('suction-bowl', 'bowl on a suction base', 'container', 'bowl', 'stands fast while it is stirred');
add('tilt-stand', 'tilting bowl stand', 'surface', 'bowl', 'holds a bowl at an angle');
add('pan-holder', 'pan-handle holder', 'utensil', 'saucepan', 'keeps a pan from turning on the ring; made for this hob');
add('bowl-rest', 'damp cloth ring', 'surface', 'cloth', 'keeps a bowl in its place', [], {
  tool: 'cloth',
  say: 'Twist a damp cloth into a ring.',
});
// opening and squeezing
add('electric-opener', 'electric can opener', 'appliance', 'can-opener', 'opens a tin by itself; it is loud', ['electric', 'edge']);
add('left-opener', 'left-handed can opener', 'cutting', 'can-opener', 'turns with the left hand', ['edge']);
add('ring-pull-lever', 'ring-pull lever', 'utensil', 'can-opener', 'lifts the ring of a tin');
add('jar-opener', 'fixed jar opener', 'utensil', 'jar', 'is screwed under a shelf, the jar is turned in it');
add('rubber-pad', 'rubber grip pad', 'utensil', 'cloth', 'makes a lid easy to hold', [], {
  tool: 'sponge',
  say: 'A dry rubber glove laid over the lid does too.',
});
add('push-juicer', 'lever juicer', 'utensil', 'juicer', 'presses a half with a long lever');
add('egg-cracker', 'egg cracker', 'utensil', 'egg-slicer', 'opens an egg with one press');
add('packet-scissors', 'packet opener', 'cutting', 'scissors', 'slits a packet with a hidden blade', ['edge']);
// handles
add('fat-handles', 'thick handle grips', 'wear', 'spoon', 'slide over a spoon or a fork', [], {
  tool: 'cloth',
  say: 'Wind a cloth around the handle and fix it with tape.',
});
add('weighted-handles', 'weighted handle grips', 'wear', 'spoon', 'steady a hand that shakes');
add('angled-spoon', 'angled spoon', 'utensil', 'spoon', 'is bent toward the bowl');
add('palm-strap', 'palm strap', 'wear', 'spoon', 'holds a tool in a hand that does not close');
add('long-spoon', 'long-handled spoon', 'utensil', 'wooden-spoon', 'keeps the hand far from the heat', [], {
  tool: 'wooden-spoon',
  say: 'The longest wooden spoon there is.',
});
add('chain-masher', 'press-down masher', 'utensil', 'masher', 'is leaned on, not gripped');
// filling and pouring
add('rim-tray', 'tray with a rim', 'surface', 'tray', 'keeps what is spilt and what rolls', [], {
  tool: 'tray',
  say: 'A cold baking tray does.',
});
add('contrast-board', 'dark and light board', 'surface', 'board', 'light food shows on the dark side', [], {
  tool: 'paper',
  say: 'Dark paper under a clear board.',
});
add('level-beeper', 'level beeper', 'utensil', 'jug', 'beeps when the cup is full', []);
add('wide-jug', 'jug with a lid and a spout', 'container', 'jug', 'pours without a gush');
add('kettle-tipper', 'kettle tipper', 'utensil', 'kettle', 'holds the kettle while it is tipped', []);
add('one-cup', 'one-cup hot water dispenser', 'appliance', 'kettle', 'gives one cup of boiling water at a press', ['hot', 'electric']);
add('squeeze-bottle', 'squeeze bottle', 'container', 'jar', 'gives a line of oil or sauce');
add('pump-top', 'pump top', 'container', 'jar', 'gives one press at a time');
add('dip-scoop', 'wide tub to dip from', 'container', 'bowl', 'a measure is dipped in and comes out full', [], {
  tool: 'large-bowl',
  say: 'Tip the food into a wide bowl first.',
});
add('funnel-rim', 'wide funnel', 'utensil', 'colander', 'makes a narrow mouth wide', [], {
  tool: 'funnel',
  say: 'The widest funnel there is.',
});
add('splash-guard', 'splash guard', 'utensil', 'lid', 'lies over the pan while it spits');
// seeing, hearing, numbers
add('raised-dots', 'raised sticky dots', 'surface', 'cutter', 'mark a dial, a key or a shelf for the fingers');
add('bold-marks', 'bold colour and pattern marks', 'surface', 'cutter', 'mark a dial or a cup for the eyes', [], {
  tool: 'paper',
  say: 'Coloured tape with a pattern drawn on it.',
});
add('marked-cups', 'colour and pattern cups', 'measure', 'cup', 'tell sizes apart without a number');
add('touch-cups', 'cups with raised marks', 'measure', 'cup', 'tell sizes apart with a finger');
add('braille-labels', 'braille and large-print labels', 'surface', 'paper', 'name what is on the shelf');
add('talking-timer', 'talking timer', 'utensil', 'timer', 'says the time that is left');
add('shake-timer', 'vibrating timer', 'wear', 'timer', 'shakes on the wrist or in the pocket');
add('light-timer', 'flashing timer', 'utensil', 'timer', 'flashes when the time is up');
add('disc-timer', 'shrinking-disc timer', 'utensil', 'timer', 'shows the time that is left as a shrinking disc');
add('talking-scale', 'talking scale', 'measure', 'scale', 'says the weight');
add('talking-thermometer', 'talking thermometer', 'utensil', 'thermometer', 'says the temperature');
add('clip-magnifier', 'stand magnifier', 'utensil', 'glass', 'makes small print and marks large');
add('counting-mat', 'counting mat', 'surface', 'tray', 'has one place for each thing', [], {
  tool: 'paper',
  say: 'Draw a circle for each on paper.',
});
add('peg-counter', 'peg counter', 'utensil', 'cutter', 'one peg is moved for each time', [], {
  tool: 'spoon',
  say: 'Lay out one spoon for each, and move one each time.',
});
add('picture-mat', 'picture mat', 'surface', 'tray', 'has a picture where each thing goes', [], {
  tool: 'paper',
  say: 'Print the cards of the things and lay them out.',
});
// heat
add('long-gloves', 'long oven gloves', 'wear', 'oven-gloves', 'reach to the elbow');
add('cook-basket', 'cook-and-lift basket', 'cookware', 'colander', 'stands in the pan and is lifted out with the food', ['hot'], {
  tool: 'sieve',
  say: 'A metal sieve that hangs in the pan.',
});
add('microwave-bowl', 'microwave bowl', 'container', 'large-bowl', 'is large, has handles and a lid, and goes into the microwave', [], {
  tool: 'large-bowl',
  say: 'A large glass bowl that is made for the microwave.',
});
add('rack-hook', 'oven rack hook', 'utensil', 'fork', 'pulls the rack from further off');
add('table-ring', 'table ring', 'appliance', 'hob', 'one electric ring at the height of the table', ['hot', 'electric']);
add('small-oven', 'table oven', 'appliance', 'oven', 'stands at the height of the table', ['hot', 'electric']);
add('pan-lamp', 'hot-cold card', 'surface', 'stand', 'red with bars while hot, blue and plain when cool', [], {
  tool: 'paper',
  say: 'Draw it: bars for hot, plain for cool.',
});
// body
add('low-table', 'low table with knee room', 'surface', 'plate', 'is reached from a chair');
add('perch-stool', 'perching stool', 'surface', 'plate', 'half sits, half stands');
add('lap-tray', 'lap tray with a rim', 'surface', 'tray', 'carries cold things on the lap; nothing hot');
add('trolley', 'trolley', 'surface', 'tray', 'takes things across the room');
add('reach-stick', 'reach stick', 'utensil', 'tongs', 'fetches light things from high and low');
add('tap-lever', 'tap lever', 'utensil', 'tap', 'turns the tap with a push');
add('sink-brush', 'brush on suckers', 'cleaning', 'sponge', 'is fixed in the sink, one hand washes');
add('pull-apron', 'pull-over apron', 'wear', 'apron', 'has no strings to tie');
add('hair-band', 'wide hair band or cap', 'wear', 'apron', 'pulls on with one hand');
add('wash-bowl', 'bowl of water', 'cleaning', 'bowl', 'washing and rinsing at the table', [], {
  tool: 'large-bowl',
  say: 'Any large bowl.',
});
add('soap-pump', 'soap pump', 'cleaning', 'soap', 'gives soap at a press');
// noise, feel, smell
add('ear-defenders', 'ear defenders', 'wear', 'oven-gloves', 'make loud things soft');
add('nitrile-gloves', 'nitrile gloves', 'wear', 'oven-gloves', 'keep hands from what is wet or sticky; not latex');
add('mixing-bag', 'strong sealed bag', 'container', 'bag', 'food is mixed and kneaded through the bag', [], {
  tool: 'bag',
  say: 'Two bags, one in the other.',
});
add('lidded-shaker', 'shaker with a lid', 'container', 'jar', 'mixes when it is shaken', [], {
  tool: 'jar',
  say: 'A jar with a tight lid.',
});
// speaking
add('help-card', 'help card', 'surface', 'paper', 'is held up to ask for help', [], {
  tool: 'paper',
  say: 'Draw it together before the lesson.',
});
add('choice-board', 'choice board', 'surface', 'paper', 'shows two pictures to choose from', [], {
  tool: 'paper',
  say: 'Two cards side by side.',
});
add('device-sleeve', 'wipe-clean sleeve for the device', 'container', 'bag', 'keeps a speaking device dry', [], {
  tool: 'bag',
  say: 'A clear bag.',
});
add('switch-link', 'switch with a power link', 'appliance', 'timer', 'runs a machine while the switch is pressed', ['electric']);
add('steady-tray', 'divided tray', 'surface', 'tray', 'has a place for each thing of a step', [], {
  tool: 'tray',
  say: 'A tray with paper taped into fields.',
});

const mark = (ids: string, one: ToolMark) => {
  for (const id of ids.split(' ')) {
    const row = rows.find((r) => r.id === id)!;
    row.marks = [...(row.marks ?? []), one];
  }
};
// what is fixed to the place, stands there, or is worn to the lesson
mark(
  'nitrile-gloves hair-band pull-apron low-table perch-stool trolley lap-tray reach-stick raised-dots bold-marks braille-labels tap-lever sink-brush soap-pump steady-tray picture-mat help-card choice-board device-sleeve ear-defenders palm-strap rack-hook switch-link jar-opener',
  'stays',
);
mark('long-gloves', 'mitt');
mark(
  'talking-timer shake-timer light-timer disc-timer talking-scale level-beeper clip-magnifier peg-counter pan-lamp counting-mat kettle-tipper ring-pull-lever rubber-pad fat-handles',
  'apart',
);

export const ADAPTED_TOOLS: readonly AdaptedTool[] = rows;

const BY_ID = new Map(rows.map((t) => [t.id, t]));
/** An adapted tool by its id; undefined for a usual one. */
export const adaptedTool = (id: string): AdaptedTool | undefined => BY_ID.get(id);
