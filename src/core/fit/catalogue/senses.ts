// Ways for sight, hearing, touch and judging when something is done.
import { way } from './entry';

const COOKING = 'cook fry simmer boil melt toast bake wait steam';

export const SENSES_WAYS = [
  // sight: finding, filling, aiming
  way('contrast-board', 'tool', 'Board that the food shows on', { takes: 'sight/blade>some sight/inspect>some sight/aim>some sight/fill>some', tools: 'contrast-board', instead: 'board', say: 'Use the side that the food shows on.' }),
  way('touch-finds', 'method', 'Found by touch along the edge of a tray', { takes: 'sight/find sight/aim@cool,raw', adds: 'touch/feel', tools: 'rim-tray', say: 'Feel along the rim.' }),
  way('find-by-label', 'show', 'Found by raised labels on shelf and drawer', { takes: 'sight/find', adds: 'touch/mark', tools: 'braille-labels', techniques: 'gather put-away', say: 'Feel for the label on the shelf.' }),
  way('level-beeper', 'tool', 'Level beeper', { takes: 'sight/fill', adds: 'hearing/timer', tools: 'level-beeper', techniques: 'pour measure fill-pan thin', say: 'Hang the beeper on the rim. Stop when it beeps.', notFoods: 'flour|oats|rice|couscous|sugar|salt|cheese|lentils' }),
  way('level-by-finger', 'method', 'Level felt with a clean finger at the rim', { takes: 'sight/fill@cool', adds: 'touch/feel', techniques: 'pour measure fill-pan', foods: 'water|milk|oil|juice|stock|cream|vinegar|honey|syrup|sauce|drink|yoghurt', say: 'Hook one finger over the rim. Stop when it is wet.', caution: 'Cool things only.' }),
  way('level-by-knife', 'method', 'Filled over the top and levelled with a straight edge', { takes: 'sight/fill@cool,raw', adds: 'touch/feel', techniques: 'measure', notFoods: 'water|milk|oil|juice|stock|cream|vinegar|drink|sauce', tools: 'table-knife', say: 'Heap it up. Push the flat edge over the top.' }),
  way('fill-by-weight', 'method', 'Filled on a talking scale', { takes: 'sight/fill sight/number fraction/measure', adds: 'hearing/speech', techniques: 'measure weigh', tools: 'talking-scale', instead: 'scale', say: 'Fill until the scale says the number.' }),
  way('spoon-from-bowl', 'method', 'Spooned close, bowl to bowl', { takes: 'sight/aim@cool,raw fine-aim/pour@cool', techniques: 'pour spoon add ladle', say: 'Stand the bowls rim to rim.' }),
  way('tongs-in-place', 'method', 'Tongs and gloves in a set place, food in set places', { takes: 'sight/aim', adds: 'touch/feel', techniques: 'turn-over lift-out skim spoon serve ladle', tools: 'tongs', say: 'The tongs lie at the right. Feel for each piece with them. An adult stands within reach.' }),
  way('long-gloves-edge', 'tool', 'Long gloves, found along the edge of the stand', { takes: 'sight/place-hot', adds: 'touch/feel', techniques: 'take-out-oven bake take-off-heat take-out-place put-in-place uncover turn-out baste air-fry', tools: 'long-gloves', instead: 'oven-gloves', seat: 'gloves', say: 'Slide it along the edge onto the stand. An adult stands within reach.' }),
  way('sighted-partner', 'share', 'A partner looks and says', { takes: 'sight/find sight/fill sight/aim sight/inspect sight/doneness sight/dial sight/number sight/place-hot judge-doneness/look colour/cue sight/blade>some', adds: 'hearing/speech', say: 'A partner looks and tells you.' }),
  way('inspect-by-touch', 'method', 'Looked over with the fingers', { takes: 'sight/inspect', adds: 'touch/feel', techniques: 'wash-up wipe rinse crack-egg dry-up load-dishwasher set-table check-done blend grease sweep wipe-spill', say: 'Feel all over it.' }),
  way('tin-edge-by-partner', 'share', 'A partner lifts the lid away', { takes: 'sight/blade', spares: 'edge', techniques: 'open-can', say: 'A partner lifts the lid away.' }),
  way('touch-dial', 'show', 'Knob told by clicks and raised dots', { takes: 'sight/dial read-number/dial', adds: 'touch/mark', tools: 'raised-dots', say: 'Turn to the second dot.' }),
  way('large-dial', 'show', 'Knob with a bold line', { takes: 'sight/dial>some sight/number>some', tools: 'bold-marks', say: 'Turn the bold line up.' }),

  // timers
  way('talking-timer', 'tool', 'Talking timer', { takes: 'sight/number read-number/timer>some', adds: 'hearing/speech', on: 'timer microwave oven', tools: 'talking-timer', instead: 'timer', seat: 'timer', say: 'Set the talking timer.' }),
  way('shake-timer', 'tool', 'Vibrating timer', { takes: 'hearing/timer memory/between>some', adds: 'touch/feel', tools: 'shake-timer', instead: 'timer', seat: 'timer', say: 'Wear the vibrating timer.' }),
  way('shake-preset', 'share', 'Vibrating timer, preset by a partner', { takes: 'hearing/timer sight/number read-number/timer', adds: 'touch/feel', tools: 'shake-timer', instead: 'timer', seat: 'timer', say: 'A partner sets the vibrating timer. You wear it.' }),
  way('light-timer', 'tool', 'Flashing timer', { takes: 'hearing/timer', adds: 'sight/find', tools: 'light-timer', instead: 'timer', seat: 'timer', say: 'Stand the flashing timer where you look.' }),
  way('disc-timer', 'tool', 'Shrinking-disc timer', { takes: 'waiting/time>some read-number/timer sight/number>some', adds: 'sight/find', tools: 'disc-timer', instead: 'timer', seat: 'timer', say: 'Turn the disc to the mark.' }),
  way('watch-it', 'method', 'Stays beside it and watches', { takes: 'hearing/timer memory/between', adds: 'sight/doneness standing/work', techniques: `${COOKING} microwave`, say: 'Stay and watch it.' }),
  way('adult-keeps-time', 'share', 'An adult keeps the time, the learner is told', { takes: 'hearing/timer read-number/timer sight/number memory/between', techniques: `${COOKING} microwave cool chill soak prove rest set-timer air-fry slow-cook`, say: 'An adult taps you when it is time.' }),

  // scale, thermometer, numbers read
  way('talking-scale', 'tool', 'Talking scale', { takes: 'sight/number read-number/measure', adds: 'hearing/speech', techniques: 'weigh', tools: 'talking-scale', instead: 'scale', seat: 'scale', say: 'Listen to the scale.' }),
  way('weigh-to-line', 'show', 'Scale with a line to reach', { takes: 'read-number/measure', techniques: 'weigh', adds: 'sight/number', say: 'Fill until it looks like the card.' }),
  way('measure-by-cup', 'method', 'Measured with a cup instead of weighed', { takes: 'sight/number read-number/measure', techniques: 'weigh', adds: 'sight/fill', skill: 'changed', say: 'Use the marked cup instead of the scale.', tools: 'marked-cups' }),
  way('talking-thermometer', 'tool', 'Talking thermometer', { takes: 'sight/number read-number/measure judge-doneness/look judge-doneness/thermometer sight/doneness sight/inspect', adds: 'hearing/speech', techniques: 'take-temperature check-done', tools: 'talking-thermometer', instead: 'thermometer', say: 'Push it into the thickest part. Listen. An adult stands within reach.' }),
  way('thermometer-partner', 'share', 'A partner reads the thermometer out', { takes: 'sight/number read-number/measure judge-doneness/thermometer', adds: 'hearing/speech', techniques: 'take-temperature check-done', say: 'A partner reads it out.' }),
  way('match-temperature', 'show', 'Number on a card to match', { takes: 'read-number/measure judge-doneness/thermometer', adds: 'sight/number', techniques: 'take-temperature', say: 'Is the number as large as on the card?' }),

  // doneness
  way('by-minutes', 'method', 'By minutes, not by look', { takes: 'sight/doneness judge-doneness/look colour/cue', adds: 'hearing/timer', techniques: COOKING, tools: 'timer', say: 'It is done when the time is up.', notFoods: 'chicken|turkey|mince|burger|sausage|egg|pork|fish|salmon|prawn|duck|beef|lamb', seat: 'doneness' }),
  way('by-fork', 'method', 'By a fork that goes in easily', { takes: 'sight/doneness judge-doneness/look>some colour/cue', adds: 'touch/feel', techniques: 'cook simmer boil bake check-done steam', foods: 'potato|carrot|vegetable|rice|pasta|lentil|bean|apple|squash|cake|swede|parsnip', tools: 'fork', say: 'Push a fork in. Does it go in easily?', seat: 'doneness' }),
  way('by-sound-smell', 'method', 'By sound and smell', { takes: 'sight/doneness colour/cue', adds: 'hearing/sizzle', techniques: 'fry boil simmer melt toast heat-pan cook', say: 'Listen. Hear it bubble or sizzle.', seat: 'doneness', notFoods: 'chicken|turkey|mince|burger|sausage|egg|pork|fish|salmon|prawn' }),
  way('by-thermometer', 'method', 'By a thermometer', { takes: 'judge-doneness/look colour/cue sight/doneness', adds: 'sight/number! read-number/measure!', techniques: 'cook fry bake simmer check-done microwave boil', tools: 'thermometer', say: 'Take its temperature.', seat: 'doneness' }),
  way('by-talking-thermometer', 'method', 'By a talking thermometer', { takes: 'judge-doneness/look colour/cue sight/doneness', adds: 'hearing/speech', techniques: 'cook fry bake simmer check-done microwave boil', tools: 'talking-thermometer', instead: 'thermometer', say: 'Listen to the temperature. An adult stands within reach.', seat: 'doneness' }),
  way('photo-done', 'show', 'Picture of how it looks when done', { takes: 'judge-doneness/look>some', adds: 'sight/doneness', say: 'Does it look like the picture?', seat: 'doneness' }),
  way('adult-judges', 'share', 'An adult judges, the learner asks', { takes: 'judge-doneness/* sight/doneness colour/cue', adds: 'speak/choose', say: 'Ask: “Is it done?”', seat: 'doneness' }),

  // hearing and touch
  way('signed-step', 'show', 'Signed or pointed', { takes: 'hearing/speech', adds: 'sight/find', say: 'It is signed and pointed.' }),
  way('see-the-sizzle', 'show', 'Sizzle seen: bubbles at a wooden spoon', { takes: 'hearing/sizzle', adds: 'sight/doneness', say: 'Look for bubbles.' }),
  way('adult-in-earshot', 'share', 'An adult in earshot', { takes: 'hearing/alarm', say: 'An adult stays in earshot.' }),
  way('hot-cold-card', 'tool', 'Hot-cold card and long gloves, an adult within reach', { takes: 'touch/temperature', adds: 'sight/find', tools: 'pan-lamp long-gloves', instead: 'oven-gloves', seat: 'gloves', say: 'Look at the hot-cold card. Wear the long gloves.', caution: 'Whoever does not feel heat is watched within reach.' }),
  way('adult-tells-hot', 'share', 'An adult says what is hot, within reach', { takes: 'touch/temperature', adds: 'hearing/speech', say: 'An adult beside you says what is hot.' }),
  way('look-not-feel', 'method', 'Looked at instead of felt', { takes: 'touch/feel', adds: 'sight/inspect', say: 'Look closely.' }),
];
