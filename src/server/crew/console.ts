import { createInterface } from 'node:readline/promises';
import { Writable } from 'node:stream';
import { connect, CONSOLE_LIMITS, type Db } from '@/db/client';
import { countUsers, findUserByName, listBenches } from '@/db/repo';
import { transact } from '@/db/transact';
import { memberNameSchema, nameKey, passwordSchema } from '@/domain/crew/names';
import { makeAccount, renewRecoveryCodes } from './accounts';
import { addMember } from './members';

// ./ferula crew: what only somebody at the machine may do.
const { db, pool } = connect(process.env['DATABASE_URL'] ?? '', CONSOLE_LIMITS);
const [command, name = ''] = process.argv.slice(2);
try {
  process.exitCode = await run(db);
} finally {
  await pool.end();
}

async function run(to: Db): Promise<number> {
  switch (command) {
    case 'on':
      return (await countUsers(to)) > 0 ? said(`There are ${await countUsers(to)} accounts already.`) : makeOwner(to);
    case 'recover':
      return recover(to);
    case 'status':
      return said(`Accounts: ${await countUsers(to)}`);
    default:
      return failed(`There is no command ${String(command)}.`);
  }
}

/** The first account owns every bench that is there. */
async function makeOwner(to: Db): Promise<number> {
  console.log('The first account owns the bench. Nobody else can make one: you invite others under Crew.');
  const asked = await questions(['Your name, by which you sign in: ', 'Password, ten characters or more: ']);
  const given = { name: memberNameSchema.safeParse(asked[0]), password: passwordSchema.safeParse(asked[1]) };
  if (!given.name.success) return failed('A name has 2 to 40 letters, digits, spaces, dots or hyphens.');
  if (!given.password.success) return failed('A password has 10 to 200 characters.');
  const owner = { name: given.name.data, password: given.password.data };
  const now = new Date();
  const made = await transact(to, async (tx) => {
    const account = await makeAccount(tx, owner, now);
    if (!account) return null;
    for (const { id } of await listBenches(tx))
      await addMember(tx, { benchId: id, userId: account.userId, name: owner.name, role: 'owner' }, now);
    return account;
  });
  if (!made) return failed('Somebody has that name already.');
  return shown(made.codes);
}

async function recover(to: Db): Promise<number> {
  const user = await findUserByName(to, nameKey(name));
  if (!user) return failed(`Nobody here is called "${name}".`);
  return shown(await transact(to, (tx) => renewRecoveryCodes(tx, user.id)));
}

function shown(codes: readonly string[]): number {
  console.log('Recovery codes: each sets a new password once. They are not shown again; write them down.');
  for (const code of codes) console.log(`  ${code}`);
  return 0;
}

function said(text: string): number {
  console.log(text);
  return 0;
}

function failed(text: string): number {
  console.error(text);
  return 1;
}

/** Asks line by line; at a terminal the last answer, a password, is not shown. */
async function questions(texts: readonly string[]): Promise<readonly string[]> {
  let isHidden = false;
  const output = new Writable({
    write: (chunk, _, done) => {
      if (!isHidden) process.stdout.write(chunk as Buffer);
      done();
    },
  });
  const lines = createInterface({ input: process.stdin, output, terminal: process.stdin.isTTY });
  const answers: string[] = [];
  const iterator = lines[Symbol.asyncIterator]();
  for (const [i, text] of texts.entries()) {
    process.stdout.write(text);
    isHidden = i === texts.length - 1;
    const { value, done } = await iterator.next();
    if (isHidden) process.stdout.write('\n');
    answers.push(done ? '' : String(value));
  }
  lines.close();
  return answers;
}
