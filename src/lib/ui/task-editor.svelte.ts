// The steps on the desk: every change keeps what was before, so that it can be undone to the start.
import {
  applyMend,
  becomeRoutine,
  buildTask,
  takeOverKeys,
  compareSteps,
  dryRun,
  duplicateStep,
  fineStep,
  insertRoutine,
  isActionKnown,
  insertStep,
  joinNext,
  measuresGone,
  mendAll,
  moveStep,
  rebuildForKitchen,
  removeStep,
  reword,
  routineRun,
  setAmount,
  setTechnique,
  simulate,
  splitStep,
  superviseStep,
  takeRoutine,
  toggleTool,
  wholeStep,
  type Grain,
  type Kitchen,
  type Mend,
  type Recipe,
  type Step,
  type Supervision,
  type TaskAnalysis,
  type Unit,
} from '$core';

import { History, type Moments } from './history.svelte';

type Built = { grain: Grain; recipeRevision: number };
export type Moment = { steps: Step[]; grain: Grain; built?: Built };

const newKey = () => `own-${crypto.randomUUID().slice(0, 8)}`;

export class TaskEditor {
  #history: History<Moment>;
  selected = $state<string | null>(null);

  /** @param changed called after every change, to save it */
  constructor(
    steps: Step[],
    grain: Grain,
    private recipe: Recipe,
    private kitchen: Kitchen,
    private changed: () => void,
  ) {
    this.#history = new History<Moment>({ steps, grain });
    this.selected = steps[0]?.key ?? null;
  }

  get steps() {
    return this.#history.now.steps;
  }
  get grain() {
    return this.#history.now.grain;
  }
  /** Set while the steps come from a build that is not saved yet. */
  get built() {
    return this.#history.now.built;
  }
  get current(): Step | null {
    return this.steps.find((s) => s.key === this.selected) ?? null;
  }
  get canUndo() {
    return this.#history.canUndo;
  }
  get canRedo() {
    return this.#history.canRedo;
  }
  get moments(): Moments<Moment> {
    return this.#history.moments;
  }
  /** What an earlier visit can still undo, before anything is changed in this one. */
  recall(moments: Moments<Moment> | null): void {
    if (moments && !this.canUndo && !this.canRedo) this.#history.recall(moments);
  }
  get task(): TaskAnalysis {
    return {
      title: this.recipe.title,
      servings: this.recipe.servings,
      grain: this.grain,
      ingredients: this.recipe.ingredients,
      steps: this.steps,
    };
  }
  get findings() {
    return dryRun(this.task, this.kitchen);
  }
  /** What the steps and the findings would be with other words for a step; nothing is changed. */
  preview(key: string, text: string) {
    const steps = reword(this.steps, key, text, this.recipe.ingredients, this.kitchen);
    return { step: steps.find((s) => s.key === key)!, steps, findings: dryRun({ ...this.task, steps }, this.kitchen, { tried: false }) };
  }
  get shots() {
    return simulate(this.task, this.kitchen);
  }
  get ingredients() {
    return this.recipe.ingredients;
  }

  #to(steps: Step[], built?: Built): void {
    if (steps === this.steps) return;
    this.#history.to({ steps, grain: built?.grain ?? this.grain, built: built ?? this.built });
    if (!steps.some((s) => s.key === this.selected)) this.selected = steps[0]?.key ?? null;
    this.changed();
  }

  undo(): void {
    const before = this.steps;
    if (this.#history.undo()) this.#show(before);
  }
  redo(): void {
    const before = this.steps;
    if (this.#history.redo()) this.#show(before);
  }
  /** Chooses what an undo or a redo has changed. */
  #show(before: Step[]): void {
    const changedKey = firstDifference(before, this.steps);
    if (changedKey) this.selected = changedKey;
    else if (!this.current) this.selected = this.steps[0]?.key ?? null;
    this.changed();
  }

  reword(key: string, text: string): void {
    if (text.trim() && text.trim() !== this.steps.find((s) => s.key === key)?.text)
      this.#to(reword(this.steps, key, text, this.recipe.ingredients, this.kitchen));
  }
  /** Whether words of a step name an action that is known. */
  isActionKnown(text: string): boolean {
    return isActionKnown(text, this.recipe.ingredients);
  }
  move(key: string, by: number): void {
    const from = this.steps.findIndex((s) => s.key === key);
    const to = from + by;
    if (from >= 0 && to >= 0 && to < this.steps.length) this.#to(moveStep(this.steps, key, to));
  }
  /** After a drag: the same steps in a new order. */
  reorder(key: string, to: number): void {
    if (this.steps[to]?.key !== key) this.#to(moveStep(this.steps, key, to));
  }
  /** @returns the key of the new step */
  add(after: string | null, text: string): string {
    const key = newKey();
    this.#to(insertStep(this.steps, after, text, key, this.recipe.ingredients, this.kitchen));
    this.selected = key;
    return key;
  }
  remove(key: string): void {
    const index = this.steps.findIndex((s) => s.key === key);
    const next = this.steps[index + 1] ?? this.steps[index - 1];
    this.#to(removeStep(this.steps, key));
    this.selected = next?.key ?? null;
  }
  /** @returns whether there was anything to split */
  split(key: string): boolean {
    const steps = splitStep(this.steps, key, newKey, this.recipe.ingredients, this.kitchen);
    if (steps.length === this.steps.length) return false;
    this.#to(steps);
    return true;
  }
  join(key: string): void {
    if (this.steps.at(-1)?.key !== key) this.#to(joinNext(this.steps, key));
  }
  duplicate(key: string): void {
    const copy = newKey();
    this.#to(duplicateStep(this.steps, key, copy));
    this.selected = copy;
  }
  technique(key: string, technique: string): void {
    this.#to(setTechnique(this.steps, key, technique));
  }
  tool(key: string, tool: string): void {
    this.#to(toggleTool(this.steps, key, tool));
  }
  /** @returns whether the amount can be measured with this kitchen's measures */
  amount(key: string, quantity: string, unit: Unit): boolean {
    const steps = setAmount(this.steps, key, { quantity, unit }, this.kitchen);
    if (steps) this.#to(steps);
    return steps !== null;
  }
  /** Puts one fault right; undo takes it back. */
  mend(mend: Mend): void {
    this.#to(applyMend(this.steps, mend, newKey, this.recipe.ingredients));
  }
  /** Puts everything right that a change of the steps can, as one change. */
  mendAll(): void {
    this.#to(mendAll(this.task, this.kitchen, newKey));
  }
  /** One step in its small steps, or put together again. */
  finer(key: string): void {
    this.#to(fineStep(this.steps, key));
    this.selected = this.steps.find((s) => s.key.startsWith(`${key}.`))?.key ?? this.selected;
  }
  whole(key: string): void {
    this.#to(wholeStep(this.steps, key));
    this.selected = key.replace(/\.\d+$/, '');
  }
  /** Other steps in the place of these, as one change: a version from before, or an improved routine. */
  replace(steps: Step[]): void {
    this.#to(steps);
  }
  insertRoutine(after: string | null, routine: { id: string; steps: Step[] }): void {
    this.#to(insertRoutine(this.steps, after, routine));
  }
  /** Marks a run of steps as the routine that was made of it. */
  becomeRoutine(run: Step[], kept: Step[]): void {
    this.#to(becomeRoutine(this.steps, run, kept));
  }
  routineHere(id: string): Step[] {
    return routineRun(this.steps, id);
  }
  takeRoutine(routine: { id: string; steps: Step[] }): void {
    this.#to(takeRoutine(this.steps, routine));
  }
  supervise(key: string, supervision: Supervision): void {
    this.#to(superviseStep(this.steps, key, supervision));
  }
  /** Measures that steps are worked with and that the kitchen does not have any more. */
  get gone() {
    return measuresGone(this.steps, this.kitchen);
  }
  /** Builds those steps anew with what the kitchen has; what a person wrote stays. */
  forKitchen(): void {
    this.#to(rebuildForKitchen(this.recipe, this.steps, this.grain, this.kitchen));
  }
  /** Builds all steps anew from the recipe, at a grain; those that do the same keep their keys. Undo brings the old ones back. */
  rebuild(grain: Grain, recipeRevision: number): void {
    const built = buildTask(this.recipe, { grain, kitchen: this.kitchen }).steps;
    // the small steps of another grain are other steps
    const same = grain === this.grain && grain !== 'fine';
    this.#to(same ? takeOverKeys(this.steps, built) : built, { grain, recipeRevision });
  }
}

function firstDifference(before: Step[], after: Step[]): string | null {
  const { added, reworded, moved } = compareSteps(before, after);
  return added[0] ?? reworded[0] ?? moved[0] ?? null;
}
