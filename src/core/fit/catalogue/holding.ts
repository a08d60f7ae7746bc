// Ways to hold food, bowls and one’s own clothes with one hand.
import { way } from './entry';

const CUTS = 'slice dice chop halve trim score';
export const HOLDING = [
  // holding the food
  way('spike-board', 'tool', 'Spiked board', {
    takes: 'two-hands/hold-food',
    tools: 'spike-board',
    instead: 'board',
    brings: 'sharp',
    seat: 'holder',
    techniques: `${CUTS} peel grate prick peel-by-hand spread scoop-out`,
    say: 'Push the food onto the spikes.',
    caution: 'Cover the spikes when it is put down.',
    next: 'food-clamp',
  }),
  way('food-clamp', 'tool', 'Food clamp', {
    takes: 'two-hands/hold-food',
    tools: 'food-clamp',
    seat: 'holder',
    techniques: `${CUTS} peel grate prick scoop-out`,
    say: 'Close the clamp on the food.',
    next: 'usual',
  }),
  way('food-on-mat', 'tool', 'Food on a non-slip mat', {
    takes: 'two-hands/hold-food>some',
    tools: 'non-slip-mat',
    seat: 'holder',
    techniques: 'spread tear crack-egg snip peel-by-hand',
    say: 'Put it on the non-slip mat.',
  }),
  way('edge-stop', 'method', 'Food held against the rim of the board', {
    takes: 'two-hands/hold-food@cool,raw',
    techniques: 'spread prick peel-by-hand pat-dry tear scoop-out',
    tools: 'rim-tray',
    seat: 'holder',
    say: 'Push it against the rim.',
  }),
  way('partner-holds', 'share', 'A partner holds it', {
    takes: 'two-hands/hold-food two-hands/hold-bowl two-hands/open two-hands/cover two-hands/work',
    say: 'A partner holds it still.',
  }),
  way('rinse-in-sieve', 'method', 'Rinsed in a sieve in the sink', {
    takes: 'two-hands/hold-food wet-sticky/wet>some',
    techniques: 'rinse',
    tools: 'sieve',
    say: 'Put it in the sieve under the tap. Shake it.',
  }),
  way('scrub-on-brush', 'tool', 'Rubbed on a brush on suckers', {
    takes: 'two-hands/hold-food two-hands/hold-bowl',
    techniques: 'rinse wash-up',
    tools: 'sink-brush',
    say: 'Rub it on the brush.',
  }),
  // holding the bowl
  way('non-slip-mat', 'tool', 'Non-slip mat under the bowl', {
    takes: 'two-hands/hold-bowl@cool,raw,sharp',
    tools: 'non-slip-mat',
    seat: 'bowl-holder',
    say: 'Stand it on the non-slip mat.',
    techniques: 'mix beat cream fold toss mash fluff crush spread flake wash-up tear shape',
    caution: 'Not on a hot ring.',
  }),
  way('suction-bowl', 'tool', 'Bowl on a suction base', {
    takes: 'two-hands/hold-bowl@cool,raw,sharp',
    tools: 'suction-bowl',
    instead: 'bowl',
    seat: 'bowl-holder',
    techniques: 'mix beat cream fold toss mash fluff',
    say: 'Press the bowl down until it holds.',
  }),
  way('tilt-stand', 'tool', 'Tilting bowl stand', {
    takes: 'two-hands/hold-bowl@cool,raw',
    tools: 'tilt-stand',
    seat: 'bowl-holder',
    techniques: 'mix beat cream fold toss scoop-out',
    say: 'Set the bowl in the stand.',
  }),
  way('bowl-ring', 'tool', 'Damp cloth ring under the bowl', {
    takes: 'two-hands/hold-bowl@cool,raw',
    tools: 'bowl-rest',
    seat: 'bowl-holder',
    techniques: 'mix beat cream fold toss mash fluff',
    say: 'Stand the bowl in the cloth ring.',
  }),
  way('pan-holder', 'tool', 'Pan-handle holder', {
    takes: 'two-hands/hold-bowl',
    tools: 'pan-holder',
    seat: 'bowl-holder',
    on: 'saucepan frying-pan large-pan wok',
    say: 'The holder keeps the pan still.',
    caution: 'Made for this hob, and proof against its heat.',
  }),
  way('shaker', 'method', 'Shaken in a lidded shaker', {
    takes: 'two-hands/hold-bowl strong-grip/work>some',
    techniques: 'beat mix',
    foods: 'dressing|oil|vinegar|milk|egg|batter|juice',
    adds: 'strong-grip/hold',
    tools: 'lidded-shaker',
    say: 'Close the lid and shake.',
  }),
  // own body
  way('pull-apron', 'tool', 'Pull-over apron', {
    takes: 'two-hands/own-body fine-aim/fingers',
    techniques: 'apron-on',
    tools: 'pull-apron',
    instead: 'apron',
    say: 'Pull it over the head.',
  }),
  way('hair-cap', 'tool', 'Wide band or cap', {
    takes: 'two-hands/own-body fine-aim/fingers',
    techniques: 'tie-hair',
    tools: 'hair-band',
    say: 'Pull the band on.',
  }),
  way('one-hand-wash', 'method', 'One hand washed on a brush on suckers', {
    takes: 'two-hands/own-body',
    techniques: 'wash-hands',
    tools: 'sink-brush',
    say: 'Soap the brush. Rub each hand on it.',
  }),
  way('soap-pump', 'tool', 'Soap pump at hand', {
    takes: 'two-hands/own-body>some reach/sink>some',
    techniques: 'wash-hands wash-up',
    tools: 'soap-pump',
    say: 'Press the pump.',
  }),
  way('partner-dresses', 'share', 'A partner helps with it', {
    takes: 'two-hands/own-body fine-aim/fingers',
    techniques: 'tie-hair apron-on gloves-on roll-up-sleeves take-off-rings wash-hands dry-hands',
    say: 'A partner helps.',
    ask: 'Touch as help is agreed with the learner first.',
  }),
  way('one-long-glove', 'tool', 'Long oven glove on the working hand', {
    takes: 'two-hands/own-body',
    techniques: 'gloves-on',
    tools: 'long-gloves',
    say: 'Put the long glove on.',
  }),
];
