// The scope of a school: row-level security sees it for one transaction only.
import type { Knex } from 'knex';
import { show, type Pass } from './seal';

/** The school of the made-up class. */
export const DEMO_SCHOOL = '5c4001a0-0000-4000-8000-000000000001';

/** A transaction within one school. */
export type SchoolTrx = Knex.Transaction & { school: string };

/** A pass into a school. */
export type SchoolPass = Pass & { school: string };

const within = (trx: Knex.Transaction, { school }: SchoolPass): SchoolTrx => Object.assign(trx, { school });

/** The class that a transaction works with, for a query: what is listed is of one class, also to whoever sees several. */
export const ownClass = (trx: SchoolTrx): Knex.Raw => trx.raw('(select own_class())');

/** Runs a piece of work in a school as the program itself, whole or not at all. The database shows and takes that school's rows only. */
export function withSchool<T>(knex: Knex, school: string, work: (trx: SchoolTrx) => Promise<T>): Promise<T> {
  return withPass(knex, { school, account: null, role: 'program' }, work);
}

/** Runs a piece of work in a school as somebody, whole or not at all. */
export function withPass<T>(knex: Knex, pass: SchoolPass, work: (trx: SchoolTrx) => Promise<T>): Promise<T> {
  return knex.transaction(async (trx) => {
    await show(trx, pass);
    return work(within(trx, pass));
  });
}

/**
 * One transaction for all that one request asks: its layouts and its page see the same moment, and take one connection.
 * Pieces of work come one after the other, since a connection does one thing at a time. A piece that fails takes the transaction with it.
 */
export class RequestScope {
  #open: SchoolTrx | null = null;
  /** The pass is on its way: what is asked after it is answered after it. */
  #shown: Promise<void> = Promise.resolve();
  #turn: Promise<unknown> = Promise.resolve();

  /** @param pool asked for when the first piece of work comes: many requests need none */
  constructor(
    private pool: () => Knex,
    private pass: SchoolPass,
  ) {}

  get school(): string {
    return this.pass.school;
  }

  /** Runs a piece of work in the request's transaction. It must not wait for another piece: that one waits for its turn. */
  in<T>(work: (trx: SchoolTrx) => Promise<T>): Promise<T> {
    const mine = this.#turn.then(() => this.#run(work));
    this.#turn = mine.catch(() => undefined);
    return mine;
  }

  async #run<T>(work: (trx: SchoolTrx) => Promise<T>): Promise<T> {
    try {
      this.#open ??= await this.#enter();
      const [, done] = await Promise.all([this.#shown, work(this.#open)]);
      return done;
    } catch (error) {
      await this.#end('rollback');
      throw error;
    }
  }

  async #enter(): Promise<SchoolTrx> {
    const trx = within(await this.pool().transaction(), this.pass);
    // what is asked next goes out behind the pass, never before it
    const sent = new Promise((done) => trx.once('query', done));
    this.#shown = show(trx, this.pass);
    this.#shown.catch(() => undefined);
    await Promise.race([sent, this.#shown]);
    return trx;
  }

  /** Turns to another class of the same person, for all that follows. */
  turnTo(id: string): Promise<void> {
    return this.in(async (trx) => {
      this.pass = { ...this.pass, class: id };
      await show(trx, this.pass);
    });
  }

  /** Keeps what was done so far and gives the connection back: before work that takes long and asks nothing of the database, and at the end. */
  done(): Promise<void> {
    const mine = this.#turn.then(() => this.#end('commit'));
    this.#turn = mine.catch(() => undefined);
    return mine;
  }

  async #end(how: 'commit' | 'rollback'): Promise<void> {
    const trx = this.#open;
    this.#open = null;
    // work may have failed before the pass was answered
    await this.#shown.catch(() => undefined);
    if (!trx || trx.isCompleted()) return;
    // a rollback on a connection that is gone has nothing left to do
    if (how === 'rollback') await trx.rollback().catch(() => undefined);
    else await trx.commit();
  }
}
