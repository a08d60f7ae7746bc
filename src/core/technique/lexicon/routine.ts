// Techniques of getting ready, gathering, storing and cleaning up. Hand washing after CDC and FDA Food Code 2-301.12 (at least 20 s); cold storage within 2 h after USDA FSIS; the rest common practice.
import { technique } from '../entry';

export const ROUTINE = [
  technique('tie-hair', 'tie hair back', 'tie|tie back', {
    only: ['hair'], phase: 'ready', motif: 'tie', tools: [], hazards: [], supervision: 'none',
    small: ['Hold your hair at the back.', 'Put the band around your hair.', 'Pull the hair through the band.'],
    demands: ['two-hands', 'fine-aim'],
    cues: { see: 'no hair in the face', feel: 'no hair on the cheeks' }, minutes: { active: 0.5, waiting: 0 },
  }),
  technique('apron-on', 'put an apron on', 'wear|put on', {
    only: ['apron', 'sleeve'], phase: 'ready', motif: 'wear', tools: ['apron'], hazards: [], supervision: 'none',
    small: ['Pick up your apron.', 'Put the loop over your head.', 'Pull the strings behind you.', 'Tie the strings.'],
    demands: ['two-hands', 'fine-aim'],
    cues: { see: 'the apron covers your front', feel: 'the strings are tight' }, minutes: { active: 0.5, waiting: 0 },
  }),
  technique('wash-hands', 'wash hands', 'wash', {
    only: ['hand'], phase: 'ready', motif: 'wash-hands', tools: ['tap', 'soap'], hazards: [], supervision: 'nearby',
    small: [
      'Turn on the tap.', 'Wet your hands.', 'Put soap on your hands.', 'Rub the palms and backs.', 'Rub between the fingers.',
      'Rub the thumbs and nails, until 20 seconds are over.', 'Rinse off the soap.', 'Dry your hands with a clean towel.', 'Close the tap with the towel.',
    ],
    demands: ['two-hands', 'wet-sticky', 'waiting', 'reach'],
    cues: { see: 'no soap left', feel: 'hands are clean and dry', time: '20 seconds of rubbing' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('wipe', 'wipe a surface', 'wipe|wipe down|clean', {
    phase: 'clean', motif: 'wipe', tools: ['cloth'], hazards: [], supervision: 'none',
    small: ['Get the cloth.', 'Wet the cloth.', 'Squeeze the cloth out.', 'Wipe from one side to the other.', 'Look for spots and wipe again.'],
    demands: ['sight', 'wet-sticky', 'reach'],
    cues: { see: 'no crumbs or drips', feel: 'smooth under the hand' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('gather', 'gather ingredients and tools', 'get|gather|collect|fetch|bring out', {
    phase: 'gather', motif: 'get', tools: [], hazards: [], supervision: 'none',
    small: ['Find the place.', 'Look for {thing}.', 'Pick up {thing}.', 'Put {thing} on the table.'],
    demands: ['sight', 'reach', 'memory', 'standing'],
    cues: { see: 'each thing is on the table' }, minutes: { active: 0.7, waiting: 0 },
  }),
  technique('open', 'open a packet or jar', 'open|unwrap|unseal|unscrew', {
    phase: 'prepare', motif: 'open', tools: ['scissors'], hazards: [], supervision: 'nearby', makes: 'opened',
    small: ['Hold {thing} steady.', 'Find where it opens.', 'Pull or turn until it opens.'],
    demands: ['two-hands', 'strong-grip'],
    cues: { see: 'you can see inside', hear: 'a pop or a tear' }, minutes: { active: 0.5, waiting: 0 },
  }),
  technique('open-can', 'open a can', 'open can|open tin', {
    only: ['can', 'tin'], phase: 'prepare', motif: 'open', tools: ['can-opener'], hazards: ['edge'], supervision: 'within-reach', makes: 'opened',
    small: ['Stand the can on the table.', 'Clamp the opener on the rim.', 'Turn the handle all the way round.', 'Lift the lid off with a spoon.', 'Put the lid in the bin.'],
    demands: ['two-hands', 'strong-grip', 'fine-aim'],
    cues: { see: 'the lid is loose all round', feel: 'the handle turns easily' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('put-away', 'put things away', 'put away|return to place', {
    phase: 'store', motif: 'away', tools: [], hazards: [], supervision: 'none',
    small: ['Pick up {thing}.', 'Find its place.', 'Put {thing} in its place.'],
    demands: ['reach', 'memory', 'standing'],
    cues: { see: 'the table is empty' }, minutes: { active: 1.5, waiting: 0 },
  }),
  technique('store', 'store what is left', 'store|refrigerate', {
    phase: 'store', motif: 'chill', tools: ['storage-box', 'fridge'], hazards: [], supervision: 'nearby',
    small: ['Put what is left in a box.', 'Close the lid.', 'Write the date on the box.', 'Put the box in the fridge.'],
    demands: ['reach', 'read-word', 'memory'],
    cues: { see: 'the box is in the fridge', time: 'cold within 2 hours' }, minutes: { active: 1, waiting: 0 },
  }),
  technique('wash-up', 'wash up', 'wash up|wash the dishes|do the washing up', {
    phase: 'clean', motif: 'wash-up', tools: ['sponge', 'soap', 'tap'], hazards: ['slip'], supervision: 'nearby',
    small: ['Fill the bowl with warm water and soap.', 'Wash one thing with the sponge.', 'Rinse it.', 'Stand it to dry.', 'Do the next one. Knives are washed one by one, never left in the water.'],
    demands: ['two-hands', 'wet-sticky', 'standing', 'sight'],
    cues: { see: 'no food left on it', feel: 'smooth, not greasy' }, minutes: { active: 5, waiting: 0 },
  }),
  technique('throw-away', 'throw in the bin', 'discard|throw away|bin', {
    phase: 'clean', motif: 'away', tools: ['bin'], hazards: [], supervision: 'none',
    small: ['Pick up {thing}.', 'Open the bin.', 'Drop {thing} in.', 'Close the bin.'],
    demands: ['reach'],
    cues: { see: 'nothing is left on the table' }, minutes: { active: 0.3, waiting: 0 },
  }),
]; // prettier-ignore
