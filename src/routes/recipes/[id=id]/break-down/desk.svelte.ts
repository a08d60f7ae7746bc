// The desk of Break down: the steps and their saver, which of them is chosen or worded anew, and what can be done with them; for keys, rows and
// details alike.
import { routineState, taughtToday, type Chaining, type Finding, type Grain, type Kitchen, type Step } from '$core';
import { standalone } from '$lib/pictures/sprite';
import { KeptHistory } from '$lib/ui/kept-history';
import { Near } from '$lib/ui/near.svelte';
import { PictureBook } from '$lib/ui/picture-book';
import { Saver } from '$lib/ui/saver.svelte';
import { TaskEditor } from '$lib/ui/task-editor.svelte';
import { createContext, onMount, tick, untrack } from 'svelte';
import { byStep, changed } from './look-at';
import type { Sent } from './sent';

export const [getDesk, setDesk] = createContext<Desk>();

/** One more view of the same steps at a time, above the list. */
export type Panel = 'counter' | 'taught' | 'words' | 'routines';

/** The server draws so many steps and judges none of a task without end: others wait for it. The rest comes as soon as the page runs. */
const MOST_SERVED = 60;
/** While words are typed, the picture and the findings follow so long behind, in milliseconds: typing itself waits for nothing. */
const BEHIND = 300;

export class Desk {
  readonly editor: TaskEditor;
  readonly saver: Saver;
  readonly near = new Near();
  readonly #book: PictureBook;

  /** What was last done, for whoever does not see it. */
  said = $state('');
  /** Key of the step whose words are changed; the words. */
  editing = $state<string | null>(null);
  text = $state('');
  /** A step whose new words name no action that is known: what it was taken for before stands. */
  guessed = $state.raw<{ key: string; text: string } | null>(null);
  /** The steps as they were measured anew for this kitchen: those that still use what is gone are a person's own. */
  measured = $state.raw<Step[] | null>(null);
  /** Behind which step one is put in. */
  adding = $state<string | null>(null);
  /** A step was chosen by a person: on a phone its details open under it, and none is chosen at first. */
  chosen = $state(false);
  panel = $state<Panel | null>(null);
  chaining = $state<Chaining>('total');
  /** Words that are looked for; null while nobody looks. */
  finding = $state<string | null>(null);
  #whole = $state(false);
  #preview = $state.raw<{ step: Step; steps: Step[]; findings: Finding[] } | null>(null);
  #later: ReturnType<typeof setTimeout> | undefined;

  readonly listed: Step[] = $derived.by(() => (this.#whole ? this.editor.steps : this.editor.steps.slice(0, MOST_SERVED)));
  readonly #drawn = $derived.by(() => this.#book.draw({ ...this.editor.task, steps: this.listed.slice(0, this.near.count) }, this.kitchen));
  readonly pictures = $derived.by(() => this.listed.map((step) => this.#drawn.get(step.key) ?? ''));
  readonly found: Finding[] = $derived.by(() => (this.#whole ? this.editor.findings : []));
  /** What is to be looked at in each step, by its key. */
  readonly lookAt = $derived.by(() => byStep(this.found));
  /** What the words in the field would bring and mend stands under them: a list above that grows would push the field away. */
  readonly would = $derived.by(() => this.#preview && changed(this.found, this.#preview.findings));
  readonly matches: Step[] = $derived.by(() => {
    const words = this.finding?.trim().toLowerCase();
    return words ? this.editor.steps.filter((s) => s.text.toLowerCase().includes(words)) : [];
  });
  readonly taught = $derived.by(() => (this.panel === 'taught' ? taughtToday(this.editor.steps, this.sent.mastered, this.chaining) : null));
  /** Routines that were improved elsewhere and are not taken over here. */
  readonly offers = $derived.by(
    () =>
      this.sent.routines.filter(
        (r) => this.sent.draft.routines.get(r.id) !== r.revision && routineState(this.editor.steps, r) === 'differs',
      ).length,
  );
  /** The recipe was read anew after these steps were built. */
  readonly outdated = $derived.by(() => this.sent.recipeRevision > (this.editor.built?.recipeRevision ?? this.sent.draft.recipeRevision));

  /** @param given what the page was sent: the desk starts from it and then is the master. Made while a component is. */
  constructor(private given: () => Sent) {
    const { recipe, draft, make, kitchen, look } = untrack(given);
    this.#book = new PictureBook(look);
    this.editor = new TaskEditor(draft.steps, draft.grain, make, kitchen as Kitchen, () => this.saver.changed());
    this.saver = new Saver(
      () => location.pathname,
      () => ({ steps: this.editor.steps, ...(this.editor.built ? { built: this.editor.built } : {}) }),
      draft.revision,
      `steps-${recipe.id}`,
    );
    this.#whole = draft.steps.length <= MOST_SERVED;
    onMount(() => {
      this.#whole = true;
      return this.saver.watch(`${location.pathname}/revision`);
    });
    const kept = new KeptHistory(`desk-${recipe.id}`);
    onMount(() => this.editor.recall(kept.of(draft.revision)));
    $effect(() => {
      if (this.saver.state === 'saved') kept.keep(this.saver.revision, this.editor.moments);
    });
  }

  get sent(): Sent {
    return this.given();
  }
  get kitchen(): Kitchen {
    return this.sent.kitchen as Kitchen;
  }
  /** A step as it is, or as the words in the field would make it. */
  shown(step: Step): Step {
    return this.#preview?.step.key === step.key ? this.#preview.step : step;
  }
  pictureOf(step: Step): string {
    if (this.#preview?.step.key !== step.key) return this.#drawn.get(step.key) ?? '';
    return standalone(this.#book.draw({ ...this.editor.task, steps: this.#preview.steps }, this.kitchen).get(step.key) ?? '');
  }
  /** How a step is taught today; where every step is, saying so beside each would only be noise. */
  taughtAs(step: Step): { words: string; today: boolean } | null {
    const as = this.taught?.get(step.key);
    if (!as) return null;
    const words = { taught: this.chaining === 'total' ? '' : 'taught today', own: 'mastered', helped: 'helped through', adult: '' }[as];
    return { words, today: as === 'taught' };
  }

  async focusRow(key: string | null): Promise<void> {
    await tick();
    if (key) document.getElementById(`step-${key}`)?.focus();
  }
  select(key: string): void {
    this.editor.selected = key;
    this.chosen = true;
  }
  /** Chooses a step and goes to it. */
  show(key: string): void {
    this.select(key);
    void this.focusRow(key);
  }
  go(by: number): void {
    const { steps, selected } = this.editor;
    const index = steps.findIndex((s) => s.key === selected);
    const next = steps[Math.max(0, Math.min(steps.length - 1, index + by))];
    if (next) this.show(next.key);
  }

  edit(step: Step): void {
    this.editor.selected = step.key;
    this.editing = step.key;
    this.text = step.text;
  }
  typed(key: string): void {
    clearTimeout(this.#later);
    this.#later = setTimeout(() => {
      if (this.editing === key && this.text.trim()) this.#preview = this.editor.preview(key, this.text);
    }, BEHIND);
  }
  commit(key: string): void {
    if (this.editing !== key) return;
    this.leave(key);
    this.reword(key, this.text);
    this.said = '';
  }
  leave(key: string): void {
    this.editing = null;
    clearTimeout(this.#later);
    this.#preview = null;
    void this.focusRow(key);
  }
  startAdding(after: string): void {
    this.adding = after;
    this.text = '';
  }
  add(after: string): void {
    const words = this.text.trim();
    this.adding = null;
    void this.focusRow(words ? this.editor.add(after, words) : after);
  }
  leaveAdding(after: string): void {
    this.adding = null;
    void this.focusRow(after);
  }

  undo(): void {
    this.editor.undo();
    void this.focusRow(this.editor.selected);
  }
  duplicate(key: string): void {
    this.editor.duplicate(key);
    this.said = 'A copy stands behind it.';
    void this.focusRow(this.editor.selected);
  }
  split(key: string): void {
    this.said = this.editor.split(key) ? 'Split.' : 'This step has no smaller parts known here. Add the parts yourself.';
    void this.focusRow(key);
  }
  remove(key: string): void {
    this.editor.remove(key);
    this.said = 'Deleted. Undo brings it back.';
    void this.focusRow(this.editor.selected);
  }
  rebuild(grain: Grain): void {
    this.editor.rebuild(grain, this.sent.recipeRevision);
    this.said = 'Built anew. Undo brings the old steps back.';
  }
  forKitchen(): void {
    this.editor.forKitchen();
    this.measured = this.editor.steps;
    this.said = 'Measured anew; what you changed stayed. Undo brings the old steps back.';
  }
  mend(finding: Finding): void {
    this.editor.mend(finding.fix!);
    this.said = 'Mended. Undo takes it back.';
  }
  mendAll(): void {
    this.editor.mendAll();
    this.said = 'Mended. Undo takes it back.';
  }
  reword(key: string, words: string): void {
    const before = this.editor.steps;
    this.editor.reword(key, words);
    if (this.editor.steps === before) return;
    this.said = 'Reworded. Undo takes it back.';
    const { text } = this.editor.steps.find((s) => s.key === key)!;
    this.guessed = this.editor.isActionKnown(text) ? null : { key, text };
  }
  /** What an earlier visit could not save. */
  putBack(): void {
    this.editor.replace(this.saver.kept!.steps as Step[]);
    this.saver.forget();
    this.said = 'They are back. Undo takes them away again.';
  }

  find(): void {
    this.finding = '';
    void tick().then(() => document.getElementById('find')?.focus());
  }
  endFind(): void {
    this.finding = null;
    void this.focusRow(this.editor.selected);
  }
  nextMatch(): void {
    const { steps, selected } = this.editor;
    const from = steps.findIndex((s) => s.key === selected);
    const next = this.matches.find((s) => steps.indexOf(s) > from) ?? this.matches[0];
    if (!next) return;
    this.select(next.key);
    document.getElementById(`step-${next.key}`)?.scrollIntoView({ block: 'center' });
  }
}
