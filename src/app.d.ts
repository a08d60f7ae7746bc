import type { RoleAct } from '$core';
import type { Parcels } from '$lib/server/pack';
import type { Who } from '$lib/server/people/sessions';
import type { SchoolTrx } from '$lib/server/school-scope';

declare global {
  namespace App {
    interface Locals {
      requestId: string;
      theme: string;
      /** Who is signed in; null at what is open to all. */
      who: Who | null;
      /** Whether who asks may do something. */
      may(act: RoleAct): boolean;
      /** What is asked for is not for whom asks: no page of it is shown. */
      isRefused: boolean;
      /** The account that something was done to, for the trail. */
      about: string | null;
      /** The school whose rows this request sees; empty where there is none. */
      school: string;
      /** Runs a piece of work in the school whose rows this request sees; all pieces of a request share one transaction. */
      inSchool<T>(work: (trx: SchoolTrx) => Promise<T>): Promise<T>;
      /** Keeps what was done and gives the connection back, before work that takes long. */
      rest(): Promise<void>;
      /** What is long on its way into the page. */
      parcels: Parcels;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}
export {};
