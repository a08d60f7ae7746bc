// Mail, where whoever runs the program has set a way for it. Without one nothing leaves: links are shown to whoever made them. In the demo what would
// leave is shown, and goes nowhere.
import { createTransport } from 'nodemailer';
import { env } from '$env/dynamic/private';
import { log } from '../log';
import { codeOf } from '../not-now';
import { isDemo } from './asking';
import { tried } from './limits';

export type Mail = { to: string; subject: string; text: string };
type Kind = 'invitation' | 'reset';

/** Whether links are sent: `pretended` in the demo. */
export const mailIs = (): 'off' | 'sent' | 'pretended' => (isDemo() ? 'pretended' : env.MAIL_URL && env.MAIL_FROM ? 'sent' : 'off');

/** A server of mail is not waited for longer, in milliseconds: the link stands on the page too. */
const LONGEST = 8000;

/** What a link is sent with. No name of a learner, and nothing of the school but its name. */
export const linkMail = (kind: Kind, to: string, { name, school, link }: { name: string; school: string; link: string }): Mail => ({
  to,
  subject: kind === 'reset' ? 'A new password for Yellow Rung' : `${school}: your way into Yellow Rung`,
  text: [
    `${name},`,
    '',
    kind === 'reset'
      ? 'With this link you choose a new password. It works once, for a day. If you did not ask for it, leave it: nothing changes.'
      : `${school} has asked you in. With this link you choose a password. It works once, for a week.`,
    '',
    link,
    '',
  ].join('\n'),
});

/**
 * Sends a mail, no more than a few an hour to one address.
 * @returns whether it left; false too where none is set up
 */
export async function send(mail: Mail): Promise<boolean> {
  const how = mailIs();
  if (how === 'off' || (await tried('mail', mail.to)) > 0) return false;
  const times = { connectionTimeout: LONGEST, greetingTimeout: LONGEST, socketTimeout: LONGEST };
  const transport = how === 'pretended' ? createTransport({ jsonTransport: true }) : createTransport({ url: env.MAIL_URL, ...times });
  try {
    await transport.sendMail({ from: env.MAIL_FROM || 'Yellow Rung <demo@cedar-quay.example>', ...mail });
    return true;
  } catch (failed) {
    // neither to whom nor what
    log.error({ kind: 'mail', code: codeOf(failed) });
    return false;
  } finally {
    transport.close();
  }
}
