// A reading on the desk: each correction keeps what was before, so that it can be undone.
import { readingOf, rowsOf, withRole, type Role, type Row } from '$lib/reading-rows';
import type { Ingredient, Reading } from '$core';
import { History } from './history.svelte';

type Moment = { rows: Row[]; title: string; servings: number | null };

export class ReadingEditor {
  #history: History<Moment>;
  #tools: string[];

  /** @param changed called after every change, to save it */
  constructor(
    reading: Reading,
    private changed: () => void,
  ) {
    this.#history = new History({ rows: rowsOf(reading), title: reading.recipe.title, servings: reading.recipe.servings });
    this.#tools = reading.recipe.tools;
  }

  get rows() {
    return this.#history.now.rows;
  }
  get title() {
    return this.#history.now.title;
  }
  get servings() {
    return this.#history.now.servings;
  }
  get reading(): Reading {
    return readingOf(this.rows, this.title, this.servings, this.#tools);
  }
  get canUndo() {
    return this.#history.canUndo;
  }
  get canRedo() {
    return this.#history.canRedo;
  }

  #to(next: Partial<Moment>): void {
    this.#history.to({ ...this.#history.now, ...next });
    this.changed();
  }
  undo(): void {
    if (this.#history.undo()) this.changed();
  }
  redo(): void {
    if (this.#history.redo()) this.changed();
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
