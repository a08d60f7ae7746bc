import type { IncomingMessage, ServerResponse } from 'node:http';
/** Lets an answer go out compressed, and each part as soon as it is made. */
export function sendAsMade(request: IncomingMessage, response: ServerResponse, answer: () => void): void;
