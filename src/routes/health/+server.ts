import { whyDown } from '$lib/server/school';

/** Whether pages can be served now: "ok", or 503 and one word why not. */
export const GET = async () => {
  const why = await whyDown();
  return new Response(why ?? 'ok', { status: why === null ? 200 : 503, headers: { 'content-type': 'text/plain' } });
};
