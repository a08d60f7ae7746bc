declare global {
  namespace App {
    interface Locals {
      requestId: string;
      /** The school whose rows this request sees. */
      school: string;
      theme: string;
    }
    interface Error {
      message: string;
      id?: string;
    }
  }
}
export {};
