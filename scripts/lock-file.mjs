// Locks a backup with a key, and opens it again: AES-256-GCM, the key made of BACKUP_KEY by scrypt (RFC 7914). usage: lock-file.mjs lock|open <in >out
// A file that was changed by one bit is not opened; what was written of it until then is worthless, so it goes to a place of its own first.
import { createCipheriv, createDecipheriv, randomBytes, scryptSync } from 'node:crypto';
import { pipeline } from 'node:stream/promises';
import { Transform } from 'node:stream';

const MARK = Buffer.from('YR-LOCKED-1\n');
const [SALT, IV, TAG] = [16, 12, 16];
const secret = process.env.BACKUP_KEY ?? '';
if (secret.length < 20) {
  console.error('BACKUP_KEY has 20 characters at least.');
  process.exit(2);
}
const keyOf = (salt) => scryptSync(secret, salt, 32, { N: 2 ** 15, r: 8, p: 1, maxmem: 64 * 2 ** 20 });

async function lock() {
  const [salt, iv] = [randomBytes(SALT), randomBytes(IV)];
  const cipher = createCipheriv('aes-256-gcm', keyOf(salt), iv);
  const head = Buffer.concat([MARK, salt, iv]);
  cipher.setAAD(head);
  process.stdout.write(head);
  const end = new Transform({
    transform: (part, _, done) => done(null, part),
    flush(done) {
      this.push(cipher.getAuthTag());
      done();
    },
  });
  await pipeline(process.stdin, cipher, end, process.stdout);
}

/** Holds the last bytes back, which are the tag. */
async function open() {
  const length = MARK.length + SALT + IV;
  let [held, decipher] = [Buffer.alloc(0), null];
  const body = new Transform({
    transform(part, _, done) {
      held = Buffer.concat([held, part]);
      if (!decipher && held.length >= length) {
        const head = held.subarray(0, length);
        if (!head.subarray(0, MARK.length).equals(MARK)) return done(new Error('no locked backup'));
        decipher = createDecipheriv('aes-256-gcm', keyOf(head.subarray(MARK.length, MARK.length + SALT)), head.subarray(-IV));
        decipher.setAAD(head);
        held = held.subarray(length);
      }
      if (decipher && held.length > TAG) {
        this.push(decipher.update(held.subarray(0, -TAG)));
        held = held.subarray(-TAG);
      }
      done();
    },
    flush(done) {
      try {
        if (!decipher) throw new Error('no locked backup');
        decipher.setAuthTag(held);
        this.push(decipher.final());
        done();
      } catch (failed) {
        done(failed);
      }
    },
  });
  await pipeline(process.stdin, body, process.stdout);
}

const work = { lock, open }[process.argv[2]];
if (!work) {
  console.error('usage: lock-file.mjs lock|open <in >out');
  process.exit(2);
}
await work().catch(() => {
  console.error(
    process.argv[2] === 'open' ? 'BACKUP_KEY does not open this file, or the file is not whole.' : 'The file could not be locked.',
  );
  process.exit(1);
});
