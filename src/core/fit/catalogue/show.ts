// How every step is shown to a learner, chosen once; and marks, mats and counters that show one thing.
import { way } from './entry';

export const SHOW = [
  // scope learner: the cards themselves
  way('picture-card', 'show', 'Cards with pictures', { scope: 'learner', takes: 'read-word/card', adds: 'sight/card', say: '' }),
  way('key-word', 'show', 'Cards with one or two words', { scope: 'learner', takes: 'read-word/card>some', say: '' }),
  way('spoken-step', 'show', 'Steps spoken by the device', {
    scope: 'learner',
    takes: 'read-word/card sight/card',
    adds: 'hearing/speech',
    say: '',
    caution: 'Keep the device dry and away from heat.',
  }),
  way('own-voice', 'show', 'Steps spoken by a person he knows', {
    scope: 'learner',
    takes: 'read-word/card sight/card',
    adds: 'hearing/speech',
    say: '',
  }),
  way('braille-card', 'show', 'Braille steps', { scope: 'learner', takes: 'read-word/card sight/card', adds: 'touch/mark', say: '' }),
  way('object-step', 'show', 'The thing itself in the hand for each step', {
    scope: 'learner',
    takes: 'read-word/card sight/card',
    adds: 'touch/feel',
    say: '',
  }),
  way('large-card', 'show', 'Large cards with strong contrast', { scope: 'learner', takes: 'sight/card>some', say: '' }),
  way('hand-under-hand', 'share', 'Hand under hand, offered', {
    scope: 'learner',
    takes: 'read-word/card sight/card',
    say: 'Offer a hand under the learner’s hand.',
    ask: 'Touch as help is agreed with the learner, the family and the therapist first.',
  }),
  way('help-card', 'show', 'A help card', { scope: 'learner', takes: 'speak/ask', tools: 'help-card', say: '' }),
  way('help-on-device', 'show', '“Help” on the learner’s own speaking device', {
    scope: 'learner',
    takes: 'speak/ask',
    tools: 'device-sleeve',
    say: '',
    caution: 'Wet hands: a sleeve over the device.',
  }),
  way('help-gesture', 'show', 'An agreed gesture for help and stop', {
    scope: 'learner',
    takes: 'speak/ask',
    adds: 'memory/order',
    say: '',
    ask: 'Agree the gesture with whoever knows the learner’s speech.',
  }),

  // reading on packets and shelves
  way('picture-label', 'show', 'Picture labels on shelf and box', {
    takes: 'read-word/label read-word/packet>some',
    say: 'Look for the picture label.',
  }),
  way('braille-label', 'show', 'Braille and large-print labels', {
    takes: 'read-word/label read-word/packet sight/find>some',
    adds: 'touch/mark',
    tools: 'braille-labels',
    say: 'Feel for the label.',
  }),
  way('large-print', 'show', 'Magnifier', {
    takes: 'read-word/packet>some sight/number>some sight/fill>some',
    tools: 'clip-magnifier',
    say: 'Use the magnifier.',
  }),
  way('partner-reads', 'share', 'A partner reads it out', {
    next: 'match-number',
    takes: 'read-word/packet read-word/label read-number/measure read-number/text sight/number@cool',
    adds: 'hearing/speech',
    say: 'A partner reads it out.',
  }),

  // finding things
  way('fixed-places', 'show', 'Fixed places on a divided tray', {
    takes: 'sight/find',
    notFoods: 'get |put the food away|put the tools away',
    tools: 'steady-tray',
    say: 'Everything has its place on the tray.',
  }),
  way('picture-mat', 'show', 'Mat with a picture for each thing', {
    next: 'two-trips',
    takes: 'memory/things count/pieces>some',
    adds: 'sight/signal',
    tools: 'picture-mat',
    say: 'Put each thing on its picture.',
    seat: 'fetching',
  }),
  way('feel-mat', 'show', 'A field of the tray for each thing', {
    takes: 'memory/things',
    tools: 'steady-tray',
    say: 'Fill one field after the other.',
    seat: 'fetching',
  }),
  way('two-trips', 'method', 'Two short trips', {
    takes: 'memory/things>some carry/*>some@cool',
    techniques: 'gather put-away',
    say: 'Go twice. Two things each time.',
    seat: 'fetching',
  }),
  way('partner-fetches', 'share', 'A partner fetches, the learner says what', {
    next: 'two-trips',
    takes: 'reach/shelf reach/low moving-about/fetch carry/bowl memory/things>some',
    techniques: 'gather put-away store',
    say: 'Say or show what to get. A partner gets it.',
  }),
  way('things-on-tray', 'ready', 'Things set out on a tray beforehand', {
    next: 'picture-mat',
    takes: 'reach/shelf moving-about/fetch carry/bowl memory/things sight/find count/pieces',
    techniques: 'gather',
    skill: 'gone',
    tools: 'rim-tray',
    say: 'Everything is on the tray. Check each thing.',
  }),

  // numbers and counting
  way('colour-cups', 'show', 'Cups told apart by colour and pattern', {
    takes: 'fraction/measure read-number/measure',
    techniques: 'measure',
    adds: 'colour/mark',
    tools: 'marked-cups',
    say: 'Use the cup with the mark on the card.',
  }),
  way('fill-this-one', 'show', '“Fill this one”: the measure stands on its picture', {
    takes: 'fraction/measure read-number/measure',
    techniques: 'measure',
    adds: 'sight/signal',
    say: 'Fill the one that stands on its picture.',
  }),
  way('touch-cups', 'show', 'Measures with raised marks', {
    takes: 'fraction/measure read-number/measure',
    techniques: 'measure',
    adds: 'touch/mark',
    tools: 'touch-cups',
    say: 'Feel for the mark.',
  }),
  way('match-number', 'show', 'Card with the same number to match', {
    takes: 'read-number/dial read-number/keys read-number/timer read-number/measure sight/dial>some',
    adds: 'sight/number',
    say: 'Make it look like the card.',
  }),
  way('colour-mark', 'show', 'Bold mark on the knob or the cup', {
    takes: 'read-number/dial sight/dial>some',
    adds: 'colour/mark',
    tools: 'bold-marks',
    say: 'Turn it to the mark.',
  }),
  way('raised-mark', 'show', 'Raised dots on knob and keys', {
    takes: 'read-number/dial read-number/keys sight/dial fine-aim/dial>some',
    adds: 'touch/mark',
    tools: 'raised-dots',
    say: 'Feel for the dot.',
  }),
  way('preset', 'share', 'A partner presets it, the learner starts it', {
    next: 'match-number',
    takes: 'read-number/timer read-number/keys read-number/dial sight/number@cool sight/dial fine-aim/dial>some',
    techniques: 'microwave preheat-oven wait set-timer bake air-fry hob-on turn-heat cook simmer fry boil chill cool',
    say: 'A partner sets the number. You press start.',
  }),
  way('press-often', 'method', 'One key pressed so many times', {
    takes: 'read-number/keys',
    adds: 'count/fillings',
    techniques: 'microwave',
    say: 'Press the one-minute key once for each minute.',
  }),
  way('counting-mat', 'show', 'Mat with one place for each', {
    takes: 'count/pieces',
    adds: 'sight/find',
    tools: 'counting-mat',
    say: 'One in each place.',
  }),
  way('tray-places', 'show', 'Tray with a place for each', { takes: 'count/pieces', tools: 'steady-tray', say: 'One in each field.' }),
  way('peg-counter', 'show', 'A peg for each filling', { takes: 'count/fillings', tools: 'peg-counter', say: 'Move one peg each time.' }),
  way('row-of-cups', 'show', 'One pot for each filling, in a row', {
    takes: 'count/fillings',
    techniques: 'measure',
    adds: 'sight/find',
    say: 'Fill each pot in the row once.',
  }),
  way('cup-for-part', 'tool', 'A cup that holds the part', {
    takes: 'fraction/measure',
    techniques: 'measure',
    tools: 'marked-cups',
    say: 'This cup holds just the part.',
  }),
  way('cut-line', 'show', 'A mark where to cut', { takes: 'fraction/part', say: 'Cut at the mark. Use one side.' }),
  way('partner-counts', 'share', 'A partner counts aloud', {
    next: 'counting-mat',
    takes: 'count/fillings count/pieces',
    adds: 'hearing/speech',
    say: 'A partner counts. You stop together.',
  }),
  way('pre-measured', 'ready', 'Measured into a pot beforehand', {
    next: 'fill-this-one',
    takes: 'count/fillings fraction/measure fine-aim/fill sight/fill read-number/measure sight/number',
    techniques: 'measure weigh',
    words: 'Take the pot with {thing}.',
    caution: 'Name and date on the pot.',
  }),

  // colours
  way('before-after', 'show', 'Before and after side by side, in shape and word', {
    takes: 'colour/cue judge-doneness/look>some',
    adds: 'sight/doneness',
    say: 'Does it look like the second picture?',
    techniques: 'cook fry simmer boil melt toast bake wait check-done mix cream beat',
  }),
  way('pattern-mark', 'show', 'Marks told apart by pattern, not colour', {
    takes: 'colour/mark',
    tools: 'bold-marks',
    say: 'Look for the pattern.',
  }),
];
