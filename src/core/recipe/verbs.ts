// Imperatives of the kitchen: words that start an instruction. Wider than the techniques, so that a line is known for an instruction before it is understood.

const LIST = `add adjust allow arrange assemble bake baste beat blanch blend boil braise break bring brown brush build caramelise caramelize carve check chill chop choose clean close coat collect combine
cook cool core cover crack cream crimp cross plait crumble crush cube cut deseed dice dip discard dish dissolve divide drain drape drizzle drop dry dust eat empty ensure enjoy fill find finish flatten flip fluff fold form freeze fry
garnish gather get glaze grate grease grill grind halve heat hold juice keep knead ladle lay layer leave let lift light line load lower make marinate mash measure melt microwave mince mix mound move oil open pack pat peel pick pierce pinch pipe pit
place plate poach pop pour preheat prepare press prick process pull pulse puree purée put quarter reduce refrigerate reheat remove repeat reserve rest return rinse roast roll rub sauté saute scatter scoop score scramble scrape scrub seal sear season
seed separate serve set shake shape share shell shred sieve sift simmer skim slice slide snip soak soften spoon spray spread sprinkle squash squeeze squidge squish sweat stack stand start steam steep stir stir-fry stone store strain stuff swirl switch take taste tear thaw thicken thin tie tilt tip toast
top toss transfer trim turn twist unroll unwrap use wait warm wash watch whip whisk whizz wilt wipe wrap zest position swap bash tuck thread dot wet unseal unscrew destone hull rip blitz liquidise mould mold dollop decorate rehydrate poke stab parboil unplug broil zap insert prove ferment defrost loosen unmould lightly gently carefully gradually sweep mop recycle push snap flake strip smash shuck husk slash dredge dunk save trickle dilute unmold make plug knock dab uncover massage drink invert dry-fry pan-fry deep-fry nestle continue give sit blot insert float fish slit griddle chargrill draw unfold mark overlap count build assemble hit dump part-cover fork dampen moisten ask fit attach screw run ripple chuck bung whack fling plonk shove dollop tap stretch rough ruffle replace blob slip ease plop plunge lodge perch submerge immerse bury cram stow tumble upend glug slosh sluice dribble strew slather smear daub anoint hoist haul encase enclose swaddle scrunch pod blip putter rotate`;

export const KITCHEN_VERBS: ReadonlySet<string> = new Set(LIST.split(/\s+/));

/** "placing" is place, "cutting" cut, "turning" turn: whichever of these is a verb of the kitchen. */
export function imperativeOf(gerund: string): string {
  const stem = gerund.replace(/ing$/, '');
  const forms = [stem, `${stem}e`, stem.replace(/(.)\1$/, '$1')];
  return forms.find((form) => KITCHEN_VERBS.has(form)) ?? stem;
}

const OPENERS =
  /^(?:(?:then|next|now|first|finally|meanwhile|after that|lastly|and|also|secondly|thirdly|please|gently|carefully|slowly|lightly|quickly|very|thoroughly)[,\s]+)+/i;
const SUBORDINATE =
  /^(?:in|into|on|using|with|while|when|once|as soon as|after|before|for|to|if|meanwhile|on to|from|over|working|until|at|being careful)\b/i;

/** Whether a line reads like an instruction: a kitchen verb first, or a subordinate part with one after its comma. */
export function startsWithVerb(line: string): boolean {
  const text = line.replace(OPENERS, '');
  const first = /^[\p{L}-]+/u.exec(text)?.[0].toLowerCase();
  if (!first) return false;
  if (KITCHEN_VERBS.has(first)) return true;
  if (!SUBORDINATE.test(text)) return false;
  const comma = text.indexOf(',');
  const words = (comma > 0 ? text.slice(comma + 1) : text).toLowerCase().match(/[\p{L}-]+/gu) ?? [];
  return words.slice(0, comma > 0 ? 4 : 12).some((w) => KITCHEN_VERBS.has(w));
}
