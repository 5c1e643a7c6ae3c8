import { CODE_MS, codeHash, newCode } from './pairing';
import { connect } from '@/db/client';
import { putPairingCode } from '@/db/repo';

// ./ferula pair: prints a code that lets one device in.
const { db, pool } = connect(process.env['DATABASE_URL'] ?? '');
const code = newCode();
await putPairingCode(db, codeHash(code), new Date(Date.now() + CODE_MS));
await pool.end();
console.log(`Code for one device, good for ten minutes: ${code.slice(0, 4)} ${code.slice(4)}`);
