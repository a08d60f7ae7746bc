// What a printed form may need of a recipe, its class and its kitchen.
import { drawnMeasure, findFood, HIERARCHIES, lookOf, measureLabel, toolById, trueSizes, type OwnLook } from '$core';
import { FORM_NAMES, type FormName } from '$lib/paper/index';
import { INKS, PAPERS, PER_PAGE, SIZES, TURNS, USUAL_PAPER, WORDS, type PaperData, type PaperOptions } from '$lib/paper/model';
import { standing } from '$lib/pictures/packs';
import { at } from '$lib/pictures/pen';
import { sprite, standalone } from '$lib/pictures/sprite';
import { HAZARDS } from '$lib/ui/words';
import { imageSvg, thingOf } from './photos';
import { shownCards, type Shown } from './shown';

const oneOf = <T extends string>(all: readonly T[], said: string | null, usual: T): T => all.find((one) => one === said) ?? usual;

/** What an address asks for; anything else is as this learner has it, else as usual. */
export function paperIn({ searchParams: asked }: URL, look: OwnLook | null): { form: FormName; options: PaperOptions } {
  const own = look ? { ink: look.ink, words: look.words, text: look.size, perPage: look.perPage || USUAL_PAPER.perPage } : {};
  const usual: PaperOptions = { ...USUAL_PAPER, ...own };
  return {
    form: oneOf(FORM_NAMES, asked.get('form'), 'cards'),
    options: {
      size: oneOf(Object.keys(PAPERS) as (keyof typeof PAPERS)[], asked.get('size'), USUAL_PAPER.size),
      turn: oneOf(TURNS, asked.get('turn'), USUAL_PAPER.turn),
      ink: oneOf(INKS, asked.get('ink'), usual.ink),
      words: oneOf(WORDS, asked.get('words'), usual.words),
      text: oneOf(SIZES, asked.get('text'), usual.text),
      perPage: PER_PAGE.find((n) => String(n) === asked.get('cards')) ?? usual.perPage,
      backs: asked.get('backs') === 'yes',
    },
  };
}

/** A drawing of 72 x 72 in the middle of a picture. */
const alone = (drawing: string) => standalone(at(50, 10, sprite(drawing, 140)));

/** The class's own photograph of a tool, else its drawing. */
const photoOr = (photo: string | undefined, drawing: string) => (photo ? imageSvg(photo) : alone(drawing));

/** All that the forms print of what is shown. */
export async function paperData(shown: Shown): Promise<PaperData> {
  const { cards } = await shownCards(shown);
  const { kitchen, row } = shown.working;
  const ids = [...new Set(shown.task.steps.flatMap((s) => s.tools))];
  return {
    title: row.title,
    from: shown.version ? `version ${shown.version}` : 'draft',
    learner: shown.learner?.name ?? null,
    cards: cards.map((card, i) => ({
      key: card.key,
      number: i + 1,
      text: card.text,
      lines: card.lines,
      adult: card.adult,
      hazards: card.hazards.length > 0 ? `▲ ${card.hazards.map((h) => HAZARDS[h].name).join(', ')}` : '',
      svg: card.svg,
    })),
    learners: shown.learners.map((l) => l.name),
    levels: (HIERARCHIES[0]?.levels ?? []).map(({ letter, name }) => ({ code: letter, name })),
    tools: ids.flatMap((id) => {
      const tool = toolById(id);
      return tool && !tool.marks?.includes('stays') && tool.kind !== 'appliance'
        ? [
            {
              name: tool.name,
              place: kitchen.tools.find((t) => t.id === id)?.place ?? '',
              svg: photoOr(kitchen.photos.get(thingOf('tool', id)), tool.picture),
            },
          ]
        : [];
    }),
    foods: shown.task.ingredients.slice(0, 60).map((one) => {
      const look = lookOf(one.item);
      return {
        name: one.item,
        svg: at(
          120,
          148,
          standing({ name: one.item, look, drawing: findFood(one.item)?.picture ?? 'food', state: 'whole', pack: look.pack }, 120),
        ),
      };
    }),
    sizes: shown.task.steps.flatMap((s, i) => trueSizes(s.text).map((size) => ({ ...size, step: `${i + 1}. ${s.text}` }))),
    measures: kitchen.measures.map((m) => ({ ...drawnMeasure(measureLabel(m)), kind: m.kind })),
  };
}
