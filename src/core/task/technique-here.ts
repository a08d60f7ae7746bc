// Which technique a clause means here: the lexicon knows the verb, what is in hand decides between its meanings.
import { kindHas } from '../technique/works';
import { kindOf, techniqueById } from '../technique/lexicon';
import type { Technique } from '../technique/model';
import { BY_TECHNIQUE } from './means/by-technique';
import { BY_VERB } from './means/by-verb';
import type { Here, Rule } from './means/here';

/** The technique that `found`, the lexicon's choice for the verb, turns out to be; null stays null unless the verb alone decides. */
export function techniqueHere(found: Technique | null, here: Here): Technique | null {
  const holds = (rule: Rule) => rule.when(here);
  const rule = BY_VERB.get(here.clause.verb ?? '')?.find(holds) ?? (found ? BY_TECHNIQUE.get(found.id)?.find(holds) : undefined);
  if (rule) return techniqueById(typeof rule.then === 'string' ? rule.then : rule.then(here))!;
  if (found && here.clause.verb === 'cut' && here.about.has('scissors') && kindHas(kindOf(found.id), 'cuts')) return techniqueById('snip')!;
  return found;
}
