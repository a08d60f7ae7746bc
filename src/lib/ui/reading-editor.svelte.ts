// A reading on the desk: each correction keeps what was before, so that it can be undone.
import { readingOf, rowsOf, withRole, type Role, type Row } from '$lib/reading-rows';
import type { Ingredient, Reading } from '$core';

type Moment = { rows: Row[]; title: string; servings: number | null };

export class ReadingEditor {
  #now = $state.raw<Moment>({ rows: [], title: '', servings: null });
  #past = $state.raw<Moment[]>([]);
  #future = $state.raw<Moment[]>([]);
  #tools: string[];

  /** @param changed called after every change, to save it */
  constructor(
    reading: Reading,
    private changed: () => void,
  ) {
    this.#now = { rows: rowsOf(reading), title: reading.recipe.title, servings: reading.recipe.servings };
    this.#tools = reading.recipe.tools;
  }

  get rows() {
    return this.#now.rows;
  }
  get title() {
    return this.#now.title;
  }
  get servings() {
    return this.#now.servings;
  }
  get reading(): Reading {
    return readingOf(this.rows, this.title, this.servings, this.#tools);
  }
  get canUndo() {
    return this.#past.length > 0;
  }
  get canRedo() {
    return this.#future.length > 0;
  }

  #to(next: Partial<Moment>): void {
    this.#past = [...this.#past, this.#now];
    this.#future = [];
    this.#now = { ...this.#now, ...next };
    this.changed();
  }
  undo(): void {
    const before = this.#past.at(-1);
    if (!before) return;
    this.#past = this.#past.slice(0, -1);
    this.#future = [...this.#future, this.#now];
    this.#now = before;
    this.changed();
  }
  redo(): void {
    const after = this.#future.at(-1);
    if (!after) return;
    this.#future = this.#future.slice(0, -1);
    this.#past = [...this.#past, this.#now];
    this.#now = after;
    this.changed();
  }

  #row(id: number, change: (row: Row) => Row): void {
    this.#to({ rows: this.rows.map((r) => (r.id === id ? change(r) : r)) });
  }
  setTitle(title: string): void {
    if (title !== this.title) this.#to({ title });
  }
  setServings(servings: number | null): void {
    if (servings !== this.servings) this.#to({ servings });
  }
  setRole(id: number, role: Role): void {
    this.#row(id, (row) => withRole(row, role));
  }
  setIngredient(id: number, ingredient: Ingredient): void {
    this.#row(id, (row) => ({ ...row, ingredient, why: null }));
  }
  setText(id: number, text: string): void {
    this.#row(id, (row) => ({ ...row, text: text.trim() || row.text }));
  }
  /** A person has looked, and it is right. */
  settle(id: number): void {
    this.#row(id, (row) => ({ ...row, why: null }));
  }
}
