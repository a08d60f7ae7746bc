declare global {
  namespace App {
    interface Locals {
      requestId: string;
      /** The school whose rows this request sees. */
      school: string;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}
export {};
