// The words of a card for what is worked into one with all that is in its bowl.
import { capital } from '../recipe/method-lines';
import { kindOf } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import { madeSaid } from './made-said';
import type { Located, State } from './state';
import { inTool, toolCall } from './tool-names';
import { sentence } from './wording';

/** "in two batches": a number that the card keeps. */
const IN_TURNS = /(?:^| )in (?:\p{L}+ |\d+ )?(?:batches|goes|turns|lots)\b/iu;
const HOW_LONG = / for (?:about |around |another |a further )?(?:\d\S*(?:\s?(?:-|–|to)\s?\d+)?|an?|half a) (?:min|sec|hour)\w*(?: more)?/i;
const HANDS = / with (?:your |clean |wet )*(?:fingertips|fingers|hands)\b/i;
/** "Stir everything in the bowl." */
export function joinedWording(state: State, c: Located, to: string): string {
  const tool = c.tools.find((t) => toolById(t.id)?.kind === 'utensil' || (toolById(t.id)?.kind === 'appliance' && t.id !== to));
  const how = kindOf(c.technique!.id) === 'fold' ? 'Fold everything together' : `${capital(c.verb!)} everything`;
  // what comes of it stands on the card
  const made = madeSaid(c.rest);
  return sentence(
    `${how} ${inTool(state, to)}${tool ? ` with the ${toolCall(state, tool.id)}` : (HANDS.exec(c.rest)?.[0] ?? '')}${c.adverb ? ` ${c.adverb}` : ''}${IN_TURNS.exec(c.rest) ? ` ${IN_TURNS.exec(c.rest)![0].trim()}` : ''}${HOW_LONG.exec(c.rest)?.[0] ?? ''}${made ? ` ${made.words}` : ''}${c.until ? ` ${untilOnly(c.until)}` : ''}`,
  );
}

/** "until smooth in a blender, in two goes": only the end. */
const untilOnly = (until: string) =>
  until.replace(/\s+(?:in|with|using) (?:an?|the|your)\s+(?:\p{L}+\s+)?(?:blender|processor|fork|whisk|spoon|bowl|jug)\b.*$/iu, '');
