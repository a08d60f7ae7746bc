// Serves the built program with as many processes as PROCESSES says, at one address: a page then does not wait for another's to be made.
// One that ends without having been told to is started again. Other settings: one-server.mjs.
import cluster from 'node:cluster';
import { randomUUID } from 'node:crypto';

const processes = Number(process.env.PROCESSES || 1);

/** So many may end within ten seconds of their start, one after the other, before it is a fault that another start does not mend. */
const AT_ONCE = 3;

function keep() {
  // the first person's code is the same at whichever of them he comes in
  process.env.FIRST_SEED = randomUUID();
  let stopping = false;
  let short = 0;
  const start = () => {
    const began = Date.now();
    cluster.fork().once('exit', (code, signal) => {
      if (stopping) return;
      console.log(`A process of the program ended (${signal ?? code}).`);
      short = Date.now() - began < 10_000 ? short + 1 : 0;
      if (short < AT_ONCE) start();
      else stop(1);
    });
  };
  const stop = (code) => {
    stopping = true;
    process.exitCode = code;
    for (const worker of Object.values(cluster.workers)) worker.process.kill('SIGTERM');
  };
  process.once('SIGTERM', () => stop(0));
  process.once('SIGINT', () => stop(0));
  for (let n = 0; n < processes; n++) start();
}

if (cluster.isPrimary && processes > 1) keep();
else await import('./one-server.mjs');
