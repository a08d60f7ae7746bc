// Requests that nobody means well with, made from a seed: good ones with something changed, and plain rubbish.
import { buildTask, readRecipe, routineSteps, USUAL_KITCHEN } from '$core';
import { randomBytes } from 'node:crypto';
import type { Ask, BuiltRoute } from './own-server';

/** A repeatable run of numbers from 0 to 1 (mulberry32, public domain). */
export function dice(seed: number): () => number {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), a | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** What is there in the demo: the ids that a hostile request may know. */
export type Known = {
  recipes: string[];
  lessons: { id: string; recipeId: string; version: number; learnerId: string; stepKeys: string[] }[];
  learners: string[];
  /** Lessons of the class, and the codes of learners' own screens. */
  rooms: string[];
  codes: string[];
  goals: { id: string; learnerId: string }[];
};

/** Ways to put a value: each is something that JSON can hold. */
const ODD: unknown[] = [
  null,
  true,
  0,
  -1,
  1.5,
  2 ** 31,
  2 ** 53,
  -1e308,
  '',
  ' ',
  '\0',
  'a\0b',
  '\ud800',
  'constructor',
  '__proto__',
  'toString',
  'hasOwnProperty',
  '1/0',
  '0/0',
  '999999999/999999999',
  '١٢٣',
  'NaN',
  '2026-02-30',
  '2026-02-30T09:00:00.000Z',
  '0000-01-01T00:00:00.000Z',
  '00000000-0000-0000-0000-000000000000',
  "'; drop table recipe; --",
  '${7*7}',
  '{{constructor}}',
  '<script>alert(1)</script>',
  '../../../etc/passwd',
  'x'.repeat(5000),
  '🧂'.repeat(300),
  'é\u0301'.repeat(200),
  [],
  [[]],
  [null],
  [[], {}],
  {},
  { length: 3 },
  { __proto__: null, constructor: { prototype: {} } },
  { toString: 'x' },
  { then: 'x' },
  { min: null },
  { steps: [[]] },
];

const NAMES = ['__proto__', 'constructor', 'toString', 'school_id', 'id', 'then', 'length', 'prototype', 'x', ''];
const source =
  'Rice\nServes 2\nIngredients\n1/2 cup rice, rinsed\n1 x 400 g tin tomatoes\nMethod\nBoil the rice for 10 minutes. Add the tomatoes.';
const reading = readRecipe(source);
const steps = buildTask(reading.recipe, { grain: 'standard' }).steps;

export class Hostile {
  #next: () => number;
  constructor(
    private routes: BuiltRoute[],
    private known: Known,
    seed: number,
  ) {
    this.#next = dice(seed);
  }

  /** Revisions that the server told of, by what was saved: a hostile save that is stale is turned away too soon to say anything. */
  #revisions = new Map<string, number>();
  /** Takes note of an answer. */
  heard(path: string, body: string): void {
    const told = /"revision":(\d{1,9})/.exec(body);
    if (told) this.#revisions.set(path, Number(told[1]));
  }

  #n = (below: number) => Math.floor(this.#next() * below);
  #one = <T>(all: readonly T[]): T => all[this.#n(all.length)];
  #chance = (share: number) => this.#next() < share;
  /** Not from the seed's run of numbers: ids have to be new, and nothing depends on which they are. */
  #id = () => {
    const hex = randomBytes(16).toString('hex');
    return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20)}`;
  };

  /** The next request. */
  make(): Ask {
    const route = this.#one(this.routes);
    const writes = [...route.methods.filter((m) => m !== 'GET'), ...(route.actions.length > 0 ? ['POST'] : [])];
    const method =
      writes.length > 0 && this.#chance(0.75)
        ? this.#one(writes)
        : this.#one([...Array<string>(16).fill('GET'), 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);
    const lesson = this.#one(this.known.lessons);
    const path = `${this.#path(route, lesson.id)}${this.#query(route)}`;
    const headers = this.#headers();
    if (method === 'GET' || method === 'HEAD' || method === 'OPTIONS') return { method, path, headers };
    const asForm = route.actions.length > 0 && !(route.methods.includes(method) && this.#chance(0.5));
    return asForm ? this.#form(method, path, headers, route) : this.#json(method, path, headers, route, lesson);
  }

  #path(route: BuiltRoute, lesson: string): string {
    const goal = route.id.includes('[goal') ? this.#one(this.known.goals) : null;
    return route.id.replace(/\[(\w+)=\w+\]/g, (_, name: string) => {
      if (goal && this.#chance(0.85)) return name === 'goal' ? goal.id : goal.learnerId;
      if (this.#chance(0.85))
        return name === 'lesson'
          ? lesson
          : name === 'code'
            ? this.#one(this.known.codes)
            : this.#one(
                route.id.startsWith('/learners')
                  ? this.known.learners
                  : route.id.startsWith('/lessons')
                    ? this.known.rooms
                    : this.known.recipes,
              );
      return this.#one([
        this.#id(),
        this.#one(this.known.recipes).toUpperCase(),
        'x',
        '%00',
        '%E0%A4%A',
        '..%2f..%2fetc%2fpasswd',
        '__proto__',
        'constructor',
        '%F0%9F%8D%9A',
        "'%20or%201=1",
        'a'.repeat(3000),
        '00000000-0000-0000-0000-00000000000g',
      ]);
    });
  }

  #query(route: BuiltRoute): string {
    if (route.actions.length > 0 && this.#chance(0.7)) {
      const action = this.#one([...route.actions, '__proto__', 'constructor', 'nothing']);
      return action === 'default' ? '' : `?/${action}`;
    }
    if (!this.#chance(0.3)) return '';
    const value = encodeURIComponent(
      String(this.#one(['x', '1', '-1', '1e9', '__proto__', this.#one(this.known.recipes), '<b>', '🧂', 'a'.repeat(500)])),
    );
    return `?${this.#one(['learner', 'version', 'recipe', '__proto__', 'recipe=x&recipe', 'x-sveltekit-invalidated'])}=${this.#chance(0.1) ? '%ff' : value}`;
  }

  #headers(): [string, string][] {
    const headers: [string, string][] = [];
    if (this.#chance(0.15))
      headers.push([
        'cookie',
        this.#one([
          'theme=__proto__',
          'theme=%E0%A4%A',
          'theme="',
          '=;=;',
          'theme=dark; theme=light',
          `a=${'x'.repeat(2000)}`,
          '__proto__=1',
          'theme',
        ]),
      ]);
    if (this.#chance(0.05)) headers.push(['origin', this.#one(['https://elsewhere.example', 'null', ''])]);
    if (this.#chance(0.1)) headers.push(['accept', this.#one(['application/json', '*/*', 'text/html', ';;;', ''])]);
    else headers.push(['accept', 'text/html']);
    return headers;
  }

  #json(method: string, path: string, headers: [string, string][], route: BuiltRoute, lesson: Known['lessons'][number]): Ask {
    const type = this.#chance(0.93)
      ? 'application/json'
      : this.#one(['text/plain', 'application/json; charset=utf-16', 'multipart/form-data', '']);
    if (type) headers.push(['content-type', type]);
    const good = JSON.stringify(this.#worse(this.#body(route, lesson, this.#revisions.get(path) ?? 1 + this.#n(3))));
    const body = this.#chance(0.9)
      ? good
      : this.#one([
          good.slice(0, good.length >> 1),
          '',
          'null',
          '[]',
          '"x"',
          '{"__proto__":{"a":1}}',
          '['.repeat(5000),
          `{"a":${'{"a":'.repeat(2000)}`,
          '\0',
          '{"revision":1e999}',
        ]);
    return { method, path, headers, body };
  }

  #form(method: string, path: string, headers: [string, string][], route: BuiltRoute): Ask {
    const fields = Object.entries(this.#fields(route)).flatMap(([name, value]) => {
      if (this.#chance(0.1)) return [];
      const odd = this.#chance(0.25) ? String(this.#one(ODD.filter((o) => typeof o !== 'object'))) : value;
      return this.#chance(0.1) ? [[name, odd] as const, [name, value] as const] : [[name, odd] as const];
    });
    if (this.#chance(0.75)) {
      headers.push(['content-type', 'application/x-www-form-urlencoded']);
      const body = new URLSearchParams(fields.map(([n, v]) => [n, v.toWellFormed()] as [string, string])).toString();
      return { method, path, headers, body: this.#chance(0.1) ? `${body}&%E0%A4%A=%ff&=&&` : body };
    }
    headers.push([
      'content-type',
      this.#one(['multipart/form-data; boundary=b', 'multipart/form-data', 'multipart/form-data; boundary=', 'text/plain']),
    ]);
    const parts = fields
      .map(([n, v]) => `--b\r\ncontent-disposition: form-data; name="${n}"${this.#chance(0.2) ? '; filename="f"' : ''}\r\n\r\n${v}\r\n`)
      .join('');
    return {
      method,
      path,
      headers,
      body: this.#chance(0.6) ? `${parts}--b--\r\n` : this.#one([parts, '--b', '', `${parts.slice(0, 30)}`]),
    };
  }

  #fields(route: BuiltRoute): { [name: string]: string } {
    const revision = String(1 + this.#n(6));
    if (route.id === '/kitchen') return { revision, kitchen: JSON.stringify(this.#worse(this.#kitchen())) };
    if (route.id === '/theme')
      return { theme: this.#one(['dark', 'x', '__proto__']), back: this.#one(['/', '//evil.example', '/recipes', 'javascript:1']) };
    if (route.id === '/recipes/new') return { id: this.#id(), source: this.#chance(0.5) ? source : this.#text() };
    if (route.id === '/own') return { code: this.#one([...this.known.codes, '000000', '٠٠٠٠٠٠', this.#text()]) };
    if (route.id === '/lessons')
      return {
        id: this.#chance(0.5) ? this.#id() : this.#one(this.known.rooms),
        copy: this.#id(),
        heldOn: this.#one(['2026-12-01', '2026-02-30', '9999-12-31', 'x']),
        startsAt: this.#one(['09:30', '', '25:00']),
        minutes: this.#one(['60', '0', '1e9', 'x']),
        recipeId: this.#one([...this.known.recipes, '__proto__']),
      };
    if (route.id.startsWith('/lessons/')) return { recipeId: this.#one([...this.known.recipes, '__proto__', '']) };
    if (route.id === '/learners')
      return {
        name: this.#chance(0.6) ? 'Ada' : this.#text(),
        id: this.#one(this.known.learners),
        by: this.#one(['up', 'down', 'x']),
        away: this.#one(['yes', 'no']),
      };
    if (route.id.endsWith('/fit'))
      return {
        learner: this.#one(this.known.learners),
        what: this.#one(['keep', 'refuse', 'next', 'words', 'answer', 'use', '__proto__']),
        ways: this.#one(['rocker-knife', 'picture-mat non-slip-mat', '', '__proto__', 'x'.repeat(90)]),
        key: this.#one(['m1-wait', 'r-eat-food', '', '__proto__']),
        text: this.#chance(0.5) ? 'Stir it.' : this.#text(),
        by: this.#one(['Ms Ferrow', '', 'x'.repeat(200)]),
      };
    if (route.id.endsWith('/look-back')) return this.#lookBack();
    if (route.id.includes('/goals')) return this.#goal(revision);
    if (route.id.endsWith('/cook'))
      return {
        id: this.#id(),
        learnerId: this.#one(this.known.learners),
        version: '1',
        hierarchy: this.#one(['full', 'tactile', '__proto__']),
        phase: 'baseline',
      };
    return { revision, version: '1', note: this.#chance(0.5) ? 'Shorter.' : this.#text() };
  }

  /** How a lesson is set up: with recipes of its own or of another lesson, and learners in dishes that are not there. */
  #setUp(revision: number) {
    const dishes = Array.from({ length: this.#n(3) }, () => {
      const { id, recipeId, version } = this.#one(this.known.lessons);
      return {
        lessonId: this.#chance(0.6) ? id : this.#id(),
        recipeId,
        version: this.#chance(0.8) ? version : 99,
        mode: this.#one(['own', 'pairs', 'together']),
      };
    });
    return {
      revision,
      heldOn: this.#one(['2026-12-01', '2026-12-02', '2026-02-30']),
      startsAt: this.#one(['09:30', null]),
      minutes: 60,
      adults: ['Ms Ferrow', this.#chance(0.2) ? this.#text() : 'Mr Lund'],
      waitShown: true,
      dishes,
      people: Array.from({ length: this.#n(4) }, () => ({
        lessonId: this.#chance(0.8) && dishes.length > 0 ? this.#one(dishes).lessonId : this.#id(),
        learnerId: this.#chance(0.9) ? this.#one(this.known.learners) : this.#id(),
        presence: 'here',
        phase: 'baseline',
        chaining: this.#one(['total', 'forward']),
        hierarchy: this.#one(['full', 'tactile', '__proto__']),
        procedure: { id: this.#one(['least-to-most', 'constant-delay', 'probe-single', 'constructor']), wait: 4, delay: 4 },
        share: this.#chance(0.5) ? null : ['__proto__', 'x'],
        team: null,
        adult: null,
      })),
    };
  }

  /** An answer to a proposal, and the class's rules: the same path takes either. */
  #lookBack(): { [name: string]: string } {
    const number = () => this.#one(['1', '2', '3', '90', '0', '-1', '1e9', 'x', '']);
    return {
      id: this.#chance(0.8) ? this.#id() : this.#one(this.known.learners),
      about: this.#one(['less-help dice gesture', 'learnt goal x', '__proto__', '']),
      taken: this.#one(['yes', 'no', 'x']),
      reason: this.#chance(0.5) ? '' : this.#text(),
      independence: number(),
      lessons: number(),
      people: number(),
      safety: this.#one(['yes', '']),
      last: number(),
      days: number(),
      down: number(),
    };
  }

  #goal(revision: string): { [name: string]: string } {
    return {
      id: this.#chance(0.6) ? this.#id() : this.#one(this.known.goals).id,
      revision: this.#one(['0', revision]),
      kind: this.#one(['recipe', 'steps', 'technique', '__proto__']),
      recipe: this.#one([...this.known.recipes, '__proto__', '']),
      keys: this.#one(['', 'x', '__proto__ constructor', this.#one(this.known.lessons).stepKeys.join(' ')]),
      technique: this.#one(['dice', 'no-such-thing', '__proto__']),
      condition: this.#chance(0.6) ? 'With cards' : this.#text(),
      hierarchy: this.#one(['full', 'tactile', '__proto__']),
      level: this.#one(['independent', 'gesture', 'constructor']),
      independence: this.#one(['90', '100', '0', 'NaN']),
      lessons: this.#one(['3', '1', '0', '1e9']),
      people: this.#one(['2', '1', '-1']),
      safety: this.#one(['yes', '']),
      by: this.#one(['2027-01-31', '2026-02-30', '0001-01-01', '9999-12-31', 'x']),
      to: this.#one(['learnt', 'again', 'put-away', 'back', '__proto__']),
    };
  }

  #kitchen() {
    const { system, measures, places } = USUAL_KITCHEN;
    return {
      system,
      lessonMinutes: 60,
      microwaveWatts: 800,
      readingGrade: 4,
      measures: measures.map((m) => ({ ...m, place: 'drawer 1' })),
      tools: [{ id: 'spoon', place: 'drawer 1' }],
      lacks: ['one-cup'],
      heights: { oven: 'low' },
      controls: { hob: 'keys' },
      places,
    };
  }

  /** A body that the route would take, but for its revision, which may be stale. */
  #body(route: BuiltRoute, lesson: Known['lessons'][number], revision: number): unknown {
    if (route.id.endsWith('/records')) {
      const record = () => ({
        id: this.#id(),
        learnerId: lesson.learnerId,
        stepKey: this.#one([...lesson.stepKeys, '__proto__', 'constructor']),
        code: this.#one(['independent', 'model', 'cleared', 'refused', '__proto__']),
        observer: 'teacher',
        how: 'tap',
        madeAt: '2026-11-27T10:00:00.000Z',
        replaces: this.#chance(0.7) ? null : this.#id(),
        device: this.#id(),
        count: 1 + this.#n(1000),
      });
      const note = () => ({
        id: this.#id(),
        learnerId: lesson.learnerId,
        stepKey: null,
        text: 'A note.',
        madeAt: '2026-11-27T10:00:00.000Z',
      });
      return {
        sentAt: '2026-11-27T10:00:01.000Z',
        observations: Array.from({ length: this.#n(4) }, record),
        notes: Array.from({ length: this.#n(2) }, note),
        finished: this.#chance(0.1) ? [lesson.learnerId] : [],
      };
    }
    if (route.id.endsWith('/presence'))
      return { learnerId: this.#one(this.known.learners), presence: this.#one(['here', 'absent', 'late', 'x']) };
    if (route.id.endsWith('/adult')) return { learnerId: this.#one(this.known.learners), adult: this.#one(['Mr Lund', null, '']) };
    if (route.id.endsWith('/aim'))
      return {
        lessonId: lesson.id,
        learnerId: lesson.learnerId,
        stepKey: this.#one(lesson.stepKeys),
        level: this.#one(['gesture', null, '__proto__']),
      };
    if (route.id.endsWith('/screen')) return { learnerId: this.#one(this.known.learners) };
    if (route.id.endsWith('/mark'))
      return {
        id: this.#id(),
        lessonId: this.#one(this.known.lessons).id,
        stepKey: this.#one([...lesson.stepKeys, '__proto__']),
        what: 'help',
      };
    if (route.id.endsWith('/share')) return { lessonId: lesson.id };
    if (route.id.endsWith('/plan/save')) return this.#plan(lesson, revision);
    if (route.id.startsWith('/lessons/')) return this.#setUp(revision);
    if (route.id.startsWith('/learners'))
      return {
        revision,
        name: this.#chance(0.7) ? 'Ada' : this.#text(),
        planNotes: this.#text(),
        profile: {
          answers: [{ q: this.#one(['hands', 'see', '__proto__']), a: this.#one(['one', 'none', 'constructor']) }],
          allergies: ['milk'],
          never: [{ hazard: 'hot', said: 'the plan', again: this.#one(['', '2027-01-01', '2027-99-99']) }],
          kept: [{ way: 'rocker-knife', by: 'x', at: 'y' }],
          refused: [],
        },
        putAway: this.#chance(0.1),
      };
    if (route.id.endsWith('/class')) return { revision, servingsWanted: 4, makers: 2, swaps: [{ item: 'rice', id: 1 }] };
    if (route.id.endsWith('/read')) return { revision, reading };
    if (route.id.endsWith('/routine')) {
      const id = this.#id();
      return this.#chance(0.5) ? { id } : { id, revision: 0, name: 'Our start', steps: routineSteps(id, steps.slice(0, 2)) };
    }
    return {
      revision,
      steps: steps.slice(0, 1 + this.#n(steps.length)),
      ...(this.#chance(0.2) ? { built: { grain: 'standard', recipeRevision: 1 } } : {}),
    };
  }

  #plan(lesson: Known['lessons'][number], revision: number): unknown {
    const block = `${lesson.id} 0 ${this.#one([...lesson.stepKeys, '__proto__'])}`;
    const who = [this.#one(this.known.learners)];
    return {
      revision,
      use: this.#chance(0.5),
      plan: {
        seed: this.#n(1000),
        margin: 10,
        used: this.#chance(0.5),
        locks: [{ block, who: who[0], start: this.#n(700) }],
        before: [{ dish: lesson.id, keys: [this.#one([...lesson.stepKeys, 'constructor'])] }],
        hours: [{ id: who[0], from: this.#n(60), to: this.#n(90) }],
        teams: [{ dish: lesson.id, learners: who }],
        counts: [{ thing: this.#one(['oven', 'knife', 'constructor', '__proto__']), count: this.#n(9) }],
        placed: [
          { block, start: this.#n(60), end: 60 + this.#n(60), who, title: this.#text(), steps: [`${lesson.id} ${lesson.stepKeys[0]}`] },
        ],
        stints: [{ adult: 'Mr Lund', from: 0, to: this.#n(60), station: 'hob', with: who }],
      },
    };
  }

  /** Up to three places of a value made odd: replaced, taken out, doubled, or with a field that nobody knows. A third stays as it is. */
  #worse(value: unknown): unknown {
    const copy = structuredClone(value);
    if (this.#chance(0.3)) return copy;
    for (let k = 1 + this.#n(3); k > 0; k--) this.#spoil(copy);
    return copy;
  }

  #spoil(value: unknown): void {
    let at: unknown = value;
    for (let depth = 0; depth < 6; depth++) {
      if (typeof at !== 'object' || at === null) return;
      const names = Object.keys(at);
      const inside = names.filter((n) => typeof Reflect.get(at as object, n) === 'object' && Reflect.get(at as object, n) !== null);
      if (inside.length > 0 && this.#chance(0.7)) {
        at = Reflect.get(at, this.#one(inside)) as unknown;
        continue;
      }
      const name = names.length > 0 && this.#chance(0.8) ? this.#one(names) : this.#one(Array.isArray(at) ? ['0'] : NAMES);
      const odd = structuredClone(this.#one(ODD));
      if (this.#chance(0.2)) Reflect.deleteProperty(at, name);
      else if (Array.isArray(at) && this.#chance(0.3)) at.push(structuredClone(at[0]), odd);
      else Object.defineProperty(at, name, { value: odd, enumerable: true, writable: true, configurable: true });
      return;
    }
  }

  /** Text that a recipe field may be given. */
  #text(): string {
    const bits = [
      'boil, ',
      'constructor ',
      '\0',
      '\ud83c',
      '1/0 cup ',
      '- ',
      '\n',
      '\r',
      '\t',
      '<p>',
      '{"@type":"Recipe"',
      '🧂',
      'עדשים ',
      '(((',
      '½ ',
      'Method:\n',
      '&nbsp;',
      '1 cup __proto__\n',
    ];
    return Array.from({ length: 1 + this.#n(200) }, () => this.#one(bits)).join('');
  }
}
