import { isUp } from '$lib/server/school';

export const GET = async () => new Response((await isUp()) ? 'ok' : 'down');
