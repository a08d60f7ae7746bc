// Sentences with no action in them: cautions and notes become cues of the step before, announcements go, the rest stands for a person to mend.
import { MADE_PART } from '../recipe/headings';
import { isTold } from '../recipe/method-lines';
import type { Hazard } from '../technique/model';
import { techniqueById } from '../technique/lexicon';
import { useOf } from '../plan/draft';
import type { Located, State } from './state';
import { sentence } from './wording';

/** "Do not overmix", "Careful: hot!": no step, but something to look out for in the one before. */
const CAUTION =
  /^(?:do not|don't|never|be careful|careful|take care|watch(?: out)?|mind|make sure|ensure|avoid|note|remember|keep an eye|to (?:reheat|store|freeze|defrost|make ahead)|(?:will )?keeps?\b|freezes well|(?:any |the |your )?left-?overs?\b|(?:ask|get|have) (?:an? |your )?(?:adult|grown[- ]?up|teacher|carer|parent|helper|someone)\b|(?:good|great|nice|lovely|delicious|perfect) (?:with|for|in|on|hot|warm|cold|either)|goes well|(?:it|they|this|these|that)(?:'ll|'s|'re)? \p{L}+|(?:the|an?) [\p{L} -]{2,50}? (?:will|may|might|can|should|takes?|is|are|shouldn't|won't|sets|melts|cools|burns|spits|gets|goes|turns)|there (?:will|should|may))\b/iu;

/**
 * What keeps one safe, whatever verb stands in it: "Steam burns", "Keep your face away when you drain", "Use the bridge hold".
 */
const SAFETY =
  /^(?:keep (?:your|hands|fingers|hair|sleeves|well (?:away|back|clear))\b|stay (?:safe|back|away|clear)\b|stand (?:back|well|clear)\b|(?:use|remember|do|make) (?:the|a|your) (?:bridge|claw)\b|(?:ask|call) for help\b|get help\b|put your hand up\b|keep the (?:(?:hand|stick) )?blender\b|keep the (?:pan )?handle\b|(?:(?:the|hot|boiling) )*(?:steam|oil|fat|knives|blades?) (?:burns?|spits?|scalds?|cuts?|splash(?:es)?|is|are|will|can|may)\b)/iu;

/** "First make the sauce", with how to make it behind: an announcement. */
const ANNOUNCES = new RegExp(
  `^(?:(?:while|when|as|once) .+ )?(?:make|start with|begin with|prepare|get on with|move on to) (?:the|your|a|some) (?:\\p{L}+ ){0,2}(?:${MADE_PART}|mixture|salsa|stuffing|custard|coleslaw|relish|raita|guacamole|gravy|burgers|koftas|dumplings|drizzle|paste|rub|spice mix|butter cream|crumb mixture)(?:\\s+(?:first|now|next))?$`,
  'iu',
);

/** True when an announcement has its work behind it: "First ...", or more on its line. Alone on its line it is all that the line says, and stands. */
const leadsOn = (line: string, text: string) => /^(?:first|to (?:start|begin)|start|begin)\b/i.test(line) || line.length > text.length + 1;

/** A verb that the lexicon does not know, in a sentence that only warns or announces. */
export const isAside = (state: State, c: Located) =>
  isSafety(`${c.verb ?? ''} ${c.rest}`) ||
  announcesGroup(state, `${c.verb ?? ''} ${c.rest}`) ||
  (!c.technique && (ASKS.test(c.rest) || CAUTION.test(`${c.verb} ${c.rest}`) || ANNOUNCES.test(`${c.verb} ${c.rest}`)));

/** "Make the pickle", of what the list has under a heading of its own. */
function announcesGroup({ recipe }: State, text: string): boolean {
  const noun = /^(?:make|prepare|start with|begin with) (?:the|your) ([\p{L} ]{3,24})$/iu.exec(text.trim())?.[1]?.toLowerCase();
  const named = (group: string | null) => group !== null && group.toLowerCase().replace(/^for (?:the )?/, '') === noun;
  return noun !== undefined && recipe.ingredients.some((one) => named(one.group));
}

const isSafety = (text: string) => SAFETY.test(text.trim());

/**
 * Which step a caution is for: the one that it names ("when you drain"), the last that it warns of (steam), else the one before.
 */
function warnedOf(steps: State['steps'], text: string): number {
  const verb = /\b(?:when|while|as) you(?:'re| are)? (\p{L}+?)(?:ing)?\b/iu.exec(text)?.[1]?.toLowerCase();
  const named = verb ? steps.findLastIndex((s) => s.text.toLowerCase().startsWith(verb)) : -1;
  if (named >= 0) return named;
  const steaming = /\bsteam\b/i.test(text) ? steps.findLastIndex((s) => techniqueById(s.technique ?? '')?.hazards.includes('steam')) : -1;
  return steaming >= 0 ? steaming : steps.length - 1;
}

/** "What would you add?" */
const ASKS = /\?$/;

/** Takes a clause that names no known action. */
export function takeUnknown(state: State, c: Located): void {
  const text = `${c.verb ?? ''} ${c.rest}`.trim();
  const before = state.steps.at(-1);
  if ((ANNOUNCES.test(text) || announcesGroup(state, text)) && leadsOn(state.recipe.instructions[c.line - 1] ?? '', text)) return;
  // said before anything is done: it goes to the first step
  // it says nothing that a step could look out for
  if (/^stay safe$/i.test(text)) return;
  const told = isSafety(text) || CAUTION.test(text) || ASKS.test(text) || isTold(text);
  if (!before && told) {
    state.saidFirst.push(text);
    return;
  }
  if (before && told) {
    const at = isSafety(text) ? warnedOf(state.steps, text) : state.steps.length - 1;
    const hot: Hazard[] = /\bsteam\b/i.test(text) ? ['hot', 'steam'] : /\bhot\b/i.test(text) ? ['hot'] : [];
    const step = state.steps[at]!;
    state.steps[at] = { ...step, cues: [...(step.cues ?? []), { sense: 'sight', text }], hazards: [...(step.hazards ?? []), ...hot] };
    return;
  }
  // "Hot sauce if you dare!"
  if (!c.verb && c.mentions.length > 0 && /\bif you (?:dare|like|want|prefer|wish)$/i.test(text)) {
    state.steps.push({
      text: sentence(`Add ${text.charAt(0).toLowerCase()}${text.slice(1)}`),
      technique: 'add',
      sourceLine: c.line,
      uses: c.mentions.map((m) => useOf(state.recipe.ingredients, m.ingredient)),
      name: text.slice(0, 20),
    });
    return;
  }
  // A sentence with no action known to us still stands as a step: a person mends it, nothing is dropped.
  if (text.split(/\s+/).length < 2 && !c.mentions.length) return;
  state.steps.push({
    text: sentence(text),
    technique: null,
    sourceLine: c.line,
    uses: c.mentions.map((m) => useOf(state.recipe.ingredients, m.ingredient)),
    name: text.slice(0, 20),
  });
}
