// Techniques of heat, of cooling and of serving. Temperatures after USDA FSIS (egg dishes 71 C, poultry and leftovers 74 C) and FDA Food Code 3-401.12 (microwave: 74 C, stir, stand 2 minutes); handling of heat common practice.
import { technique } from '../entry';

const onHob = { phase: 'cook', heat: 'uses', hazards: ['hot'], supervision: 'within-reach' } as const;

export const COOK = [
  technique('preheat-oven', 'heat the oven', 'preheat|heat|pre-heat|turn on|warm', {
    only: ['oven', 'grill', 'air-fryer'], phase: 'prepare', motif: 'oven', tools: ['oven'], hazards: ['hot'], supervision: 'within-reach', heat: 'on',
    small: ['Look that the oven is empty.', 'Turn the dial to the number.', 'Look for the light.'],
    demands: ['sight', 'read-number', 'heat', 'fine-aim'],
    cues: { see: 'the light goes out when it is hot', hear: 'a beep on some ovens' }, minutes: { active: 0.5, waiting: 10 },
  }),
  technique('hob-on', 'turn the hob on', 'turn on|switch on|light', {
    only: ['hob', 'heat', 'burner'], phase: 'cook', motif: 'switch-on', tools: ['hob'], hazards: ['hot'], supervision: 'within-reach', heat: 'on',
    small: ['Find the knob for this ring.', 'Push and turn it.', 'Look that the right ring is on.'],
    demands: ['sight', 'fine-aim', 'heat', 'reach'],
    cues: { see: 'the ring glows or a flame shows', hear: 'a click' }, minutes: { active: 0.3, waiting: 0 },
  }),
  technique('heat-pan', 'heat in a pan', 'heat|warm|heat up|warm up|reheat|bring to temperature', {
    ...onHob, motif: 'heat', tools: ['saucepan', 'hob'], small: ['Put the pan on the ring, handle turned in.', 'Turn on the ring.', 'Wait until it is hot.'],
    demands: ['heat', 'sight', 'waiting', 'judge-doneness'],
    cues: { see: 'steam or a shimmer', hear: 'a drop sizzles', time: 'about 2 minutes' }, minutes: { active: 0.5, waiting: 2 },
  }),
  technique('boil', 'bring to the boil', 'boil|bring to boil|bring|blanch|parboil|bring to a simmer', {
    ...onHob, motif: 'heat', tools: ['saucepan', 'hob'], hazards: ['hot', 'steam'], makes: 'cooked',
    small: ['Look that the ring is on high.', 'Stand back and watch.', 'Look for big bubbles.'],
    demands: ['heat', 'sight', 'waiting', 'judge-doneness'],
    cues: { see: 'big bubbles all over', hear: 'a rolling sound', measure: 'water boils at 100 °C, 212 °F' }, minutes: { active: 0.5, waiting: 5 },
  }),
  technique('boil-kettle', 'boil a kettle', 'boil|heat', {
    only: ['kettle', 'boiling-water'], phase: 'cook', motif: 'switch-on', tools: ['kettle'], hazards: ['hot', 'steam', 'electric'], supervision: 'within-reach', heat: 'on',
    small: ['Fill the kettle to the mark.', 'Close the lid.', 'Press the switch.', 'Wait for the click.'],
    demands: ['two-hands', 'strong-grip', 'sight', 'heat', 'waiting'],
    cues: { hear: 'a click when it is done', see: 'steam; the light goes out' }, minutes: { active: 0.7, waiting: 3 },
  }),
  technique('simmer', 'simmer', 'simmer|poach|stew|bubble|cook gently|braise|reduce|thicken|simmer gently', {
    ...onHob, motif: 'heat', tools: ['saucepan', 'hob'], hazards: ['hot', 'steam'], makes: 'cooked',
    small: ['Turn the ring to low.', 'Set the timer.', 'Stir now and then.', 'Stop when the timer rings.'],
    demands: ['heat', 'waiting', 'judge-doneness', 'sight'],
    cues: { see: 'small bubbles at the edge', hear: 'a soft plop', time: 'the timer rings', feel: 'a fork goes in easily' }, minutes: { active: 1, waiting: 15 },
  }),
  technique('fry', 'fry', 'fry|saute|sauté|brown|sear|soften|sweat|shallow fry|stir-fry|stir fry|pan-fry|caramelise|caramelize|wilt|toast in a pan|sizzle|pop|crisp', {
    ...onHob, motif: 'heat', tools: ['frying-pan', 'hob', 'spatula'], hazards: ['hot', 'splash'], makes: 'cooked',
    small: ['Turn the handle in.', 'Lay {thing} in, away from you.', 'Stir with the long spoon.', 'Look at the colour.'],
    demands: ['heat', 'sight', 'noise', 'smell', 'judge-doneness', 'standing'],
    cues: { see: 'soft and golden', hear: 'the sizzle slows', time: 'the timer rings' }, minutes: { active: 5, waiting: 0 },
  }),
  technique('cook', 'cook', 'cook|cook through|cook until|steam|continue cooking', {
    ...onHob, motif: 'heat', tools: ['saucepan', 'hob'], makes: 'cooked',
    small: ['Set the timer.', 'Stir now and then.', 'Look whether it is done.'],
    demands: ['heat', 'sight', 'waiting', 'judge-doneness'],
    cues: { see: 'as the recipe says', time: 'the timer rings', feel: 'a fork goes in easily' }, minutes: { active: 2, waiting: 5 },
  }),
  technique('turn-heat', 'turn the heat up or down', 'turn down|turn up|lower heat|reduce heat|increase heat|turn to low|raise heat|turn heat', {
    ...onHob, motif: 'switch-on', tools: ['hob'], small: ['Find the knob.', 'Turn it slowly.', 'Look at the ring.'],
    demands: ['sight', 'fine-aim', 'heat', 'reach'],
    cues: { see: 'the bubbles become smaller or bigger' }, minutes: { active: 0.2, waiting: 0 },
  }),
  technique('turn-off', 'turn off', 'turn off|switch off|unplug|turn off heat|turn heat off', {
    phase: 'cook', motif: 'switch-off', tools: [], hazards: ['hot'], supervision: 'nearby', heat: 'off',
    small: ['Find the knob or switch.', 'Turn it to off.', 'Look that the light is out. It is still hot.'],
    demands: ['sight', 'fine-aim', 'reach', 'memory'],
    cues: { see: 'the light is out', feel: 'the knob stops at off', hear: 'a click' }, minutes: { active: 0.2, waiting: 0 },
  }),
  technique('take-off-heat', 'take off the heat', 'remove from heat|take off heat|take from heat|remove pan', {
    phase: 'cook', motif: 'lift-out', tools: ['oven-gloves', 'stand'], hazards: ['hot'], supervision: 'within-reach', heat: 'uses',
    small: ['Put on the mitts.', 'Hold the handle.', 'Lift the pan straight up.', 'Put it on the stand.'],
    demands: ['two-hands', 'strong-grip', 'heat'],
    cues: { see: 'the pan is on the stand' }, minutes: { active: 0.4, waiting: 0 },
  }),
  technique('bake', 'bake', 'bake|roast|oven-bake|grill|broil|air fry|cook in oven|put in oven|place in oven', {
    phase: 'cook', motif: 'oven', tools: ['oven', 'oven-gloves'], hazards: ['hot'], supervision: 'within-reach', makes: 'cooked', heat: 'uses',
    small: ['Put on the mitts.', 'Open the oven door and lean back.', 'Slide {thing} onto the shelf.', 'Close the door.', 'Set the timer.'],
    demands: ['two-hands', 'strong-grip', 'heat', 'reach', 'waiting', 'judge-doneness'],
    cues: { see: 'golden edges', feel: 'firm, springs back', smell: 'a baked smell', time: 'the timer rings' }, minutes: { active: 1, waiting: 20 },
  }),
  technique('take-out-oven', 'take out of the oven', 'take out|remove from oven|take from oven', {
    phase: 'cook', motif: 'lift-out', tools: ['oven-gloves', 'stand'], hazards: ['hot', 'steam'], supervision: 'within-reach', heat: 'uses',
    small: ['Put on the mitts.', 'Open the door and lean back from the steam.', 'Hold it with both hands.', 'Lift it out and put it on the stand.', 'Close the door.'],
    demands: ['two-hands', 'strong-grip', 'heat', 'reach'],
    cues: { see: 'it stands on the stand, the door is closed' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('microwave', 'cook in the microwave', 'microwave|heat|zap|cook|warm', {
    only: ['microwave'], phase: 'cook', motif: 'microwave', tools: ['microwave'], hazards: ['hot', 'steam', 'electric'], supervision: 'nearby', makes: 'cooked', heat: 'uses',
    small: ['Open the door.', 'Put {thing} in the middle.', 'Close the door.', 'Press the keys for the time.', 'Press start.', 'Wait for the beep.', 'Let it stand, then open the door away from you.'],
    demands: ['read-number', 'fine-aim', 'reach', 'waiting', 'hearing'],
    cues: { hear: 'the beep', see: 'steam all over', measure: '74 °C, 165 °F for raw food and leftovers' }, minutes: { active: 0.7, waiting: 2 },
  }),
  technique('toast', 'toast', 'toast', {
    phase: 'cook', motif: 'heat', tools: ['toaster'], hazards: ['hot', 'electric'], supervision: 'nearby', makes: 'cooked', heat: 'uses',
    small: ['Put {thing} in the toaster.', 'Push the lever down.', 'Wait until it pops up.', 'Take it out with wooden tongs.'],
    demands: ['heat', 'waiting', 'judge-doneness'],
    cues: { see: 'golden', hear: 'it pops up', smell: 'a toasted smell' }, minutes: { active: 0.4, waiting: 2 },
  }),
  technique('melt', 'melt', 'melt|melt together', {
    phase: 'cook', motif: 'heat', tools: ['saucepan', 'hob'], hazards: ['hot'], supervision: 'within-reach', makes: 'melted', heat: 'uses',
    small: ['Put {thing} in {tool}.', 'Heat it gently.', 'Stir until no lumps are left.'],
    demands: ['heat', 'sight', 'judge-doneness'],
    cues: { see: 'runny, no lumps' }, minutes: { active: 1, waiting: 1 },
  }),
  technique('turn-over', 'turn over', 'turn over|flip|turn|flip over|turn it over', {
    phase: 'cook', motif: 'turn-over', tools: ['turner'], hazards: ['hot'], supervision: 'within-reach', heat: 'uses',
    small: ['Slide the turner under {thing}.', 'Lift it up.', 'Turn your hand over.', 'Lower it, away from you.'],
    demands: ['fine-aim', 'heat', 'sight'],
    cues: { see: 'the cooked side is up' }, minutes: { active: 0.4, waiting: 0 },
  }),
  technique('drain-hot', 'drain hot food', 'drain|strain', {
    only: ['hot'], phase: 'cook', motif: 'drain', tools: ['colander', 'oven-gloves'], hazards: ['hot', 'steam', 'splash'], supervision: 'adult-does', makes: 'drained', heat: 'uses',
    small: ['Put the colander in the sink.', 'The adult carries the pan.', 'The adult pours away from the body and leans back from the steam.', 'Wait until it stops dripping.'],
    demands: ['two-hands', 'strong-grip', 'heat'],
    cues: { see: 'no more drips' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('skim', 'skim', 'skim|skim off', {
    ...onHob, motif: 'lift-out', tools: ['slotted-spoon'], small: ['Hold the spoon flat.', 'Slide it under the foam.', 'Lift it into a bowl.'],
    demands: ['fine-aim', 'heat', 'sight'],
    cues: { see: 'no foam left' }, minutes: { active: 0.5, waiting: 0 },
  }),
  technique('check-done', 'check that it is done', 'check|test|taste|insert|check that', {
    phase: 'cook', motif: 'check', tools: [], hazards: ['hot'], supervision: 'within-reach', heat: 'uses',
    small: ['Get the thermometer or a fork.', 'Put it in the thickest part.', 'Read it or feel it.'],
    demands: ['judge-doneness', 'read-number', 'heat'],
    cues: { feel: 'a fork goes in easily', measure: 'as the table for this food says' }, minutes: { active: 0.5, waiting: 0 },
  }),
  technique('wait', 'wait', 'wait|leave|let stand|stand|rest|let rest|let sit|leave to stand|leave to rest|let|allow|sit|keep|keep warm|hold|rise|prove|ferment|start', {
    phase: 'cook', motif: 'wait', tools: ['timer'], hazards: [], supervision: 'none',
    small: ['Set the timer.', 'Do the next job or wait.', 'Stop when the timer rings.'],
    demands: ['waiting'],
    cues: { time: 'the timer rings' }, minutes: { active: 0.2, waiting: 5 },
  }),
  technique('cool', 'cool', 'cool|let cool|leave to cool|cool down|allow to cool', {
    phase: 'cook', motif: 'wait', tools: ['stand'], hazards: ['hot'], supervision: 'nearby',
    small: ['Put it on a stand.', 'Set the timer.', 'Wait until it is not hot.'],
    demands: ['waiting'],
    cues: { feel: 'warm, not hot, near the hand', time: 'the timer rings' }, minutes: { active: 0.2, waiting: 10 },
  }),
  technique('chill', 'chill in the fridge', 'chill|refrigerate|put in fridge|place in fridge|freeze|cool in fridge|leave overnight|leave in fridge', {
    phase: 'store', motif: 'chill', tools: ['fridge'], hazards: [], supervision: 'none',
    small: ['Cover {thing}.', 'Open the fridge.', 'Put it on the shelf.', 'Close the door.'],
    demands: ['reach', 'waiting'],
    cues: { feel: 'cold', time: 'as the recipe says', measure: 'fridge at or under 4 °C, 40 °F' }, minutes: { active: 0.4, waiting: 30 },
  }),
  technique('thaw', 'thaw', 'thaw|defrost', {
    phase: 'prepare', motif: 'chill', tools: ['fridge'], hazards: [], supervision: 'none',
    small: ['Put {thing} in a dish.', 'Put it in the fridge.', 'Wait until it is soft.'],
    demands: ['waiting', 'memory'],
    cues: { feel: 'no hard middle' }, minutes: { active: 0.3, waiting: 60 },
  }),
  technique('fluff', 'fluff with a fork', 'fluff|fluff up|loosen|separate', {
    phase: 'cook', motif: 'stir', tools: ['fork'], hazards: [], supervision: 'none',
    small: ['Hold {place} with one hand.', 'Rake the fork through.', 'Go on until the grains fall apart.'],
    demands: ['two-hands'],
    cues: { see: 'loose grains, no lumps' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('lift-out', 'lift out', 'remove|lift|lift out|take|take out|turn out|unmould|loosen from', {
    phase: 'cook', motif: 'lift-out', tools: ['tongs'], hazards: [], supervision: 'nearby',
    small: ['Hold {thing} with {tool}.', 'Lift it up.', 'Put it down in its place.'],
    demands: ['fine-aim', 'strong-grip'],
    cues: { see: 'it lies in its new place' }, minutes: { active: 0.5, waiting: 0 },
  }),
  technique('serve', 'serve', 'serve|dish up|share out|plate|plate up|divide between|portion|share|divide among|serve up|serve with', {
    phase: 'serve', motif: 'serve', tools: ['spoon', 'serving-bowl'], hazards: [], supervision: 'none',
    small: ['Get a clean spoon.', 'Fill the spoon.', 'Put the food in {place}.', 'Wipe the rim.'],
    demands: ['fine-aim', 'strong-grip'],
    cues: { see: 'each person has some' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('eat', 'taste and eat', 'eat|enjoy|taste and', {
    phase: 'serve', motif: 'eat', tools: [], hazards: [], supervision: 'nearby',
    small: ['Sit down.', 'Blow if it is hot.', 'Taste a little.', 'Say what you think of it.'],
    demands: ['smell'],
    cues: { see: 'everybody has tasted' }, minutes: { active: 5, waiting: 0 },
  }),
]; // prettier-ignore
