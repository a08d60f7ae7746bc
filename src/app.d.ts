import type { SchoolTrx } from '$lib/server/school-scope';

declare global {
  namespace App {
    interface Locals {
      requestId: string;
      theme: string;
      /** Runs a piece of work in the school whose rows this request sees; all pieces of a request share one transaction. */
      inSchool<T>(work: (trx: SchoolTrx) => Promise<T>): Promise<T>;
      /** Keeps what was done and gives the connection back, before work that takes long. */
      rest(): Promise<void>;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}
export {};
