import 'server-only';
import { passkey as passkeys } from '@better-auth/passkey';
import { drizzleAdapter } from 'better-auth/adapters/drizzle';
import { betterAuth } from 'better-auth/minimal';
import { username } from 'better-auth/plugins/username';
import { account, passkey, rateLimit, session, user, verification } from '@/db/schema';
import { nameKey } from '@/domain/crew/names';
import { database } from '../database';
import { allowedHosts } from '../hosts';
import { secretOf } from './mode';
import { publicHost } from './reach';

const DAY_S = 86_400;

/** Where the library's own routes stand; which of them are answered is in `auth-route`. */
export const AUTH_PATH = '/crew/auth';

function made() {
  const url = process.env['PUBLIC_URL'] ?? '';
  return betterAuth({
    appName: 'Ferula',
    baseURL: url,
    basePath: AUTH_PATH,
    // This machine has several names to itself; other origins never come so far, see `proxy`.
    trustedOrigins: [...allowedHosts(process.env)].flatMap((host) => [`http://${host}`, `https://${host}`]),
    secret: secretOf(process.env),
    database: drizzleAdapter(database(), {
      provider: 'mysql',
      schema: { user, session, account, verification, passkey, rateLimit },
    }),
    // Accounts are made by invitation only.
    emailAndPassword: { enabled: true, disableSignUp: true, minPasswordLength: 10, maxPasswordLength: 200 },
    session: { expiresIn: 90 * DAY_S, updateAge: DAY_S, freshAge: DAY_S },
    plugins: [
      username({
        minUsernameLength: 2,
        maxUsernameLength: 40,
        usernameNormalization: nameKey,
        usernameValidator: () => true,
        displayUsername: false,
      }),
      passkeys({
        rpID: publicHost(process.env),
        rpName: 'Ferula',
        origin: URL.canParse(url) ? new URL(url).origin : url,
      }),
    ],
    // Of one address; tries at one account are counted in `tries`, since an address can be made up.
    rateLimit: {
      enabled: true,
      storage: 'database',
      window: 60,
      max: 60,
      customRules: { '/sign-in/username': { window: 60, max: 20 } },
    },
    advanced: {
      cookiePrefix: 'ferula',
      useSecureCookies: url.startsWith('https:'),
      defaultCookieAttributes: { sameSite: 'lax' },
      ipAddress: { ipAddressHeaders: ['x-forwarded-for'] },
    },
    telemetry: { enabled: false },
    logger: { disabled: true },
  });
}

// One for the process: routes and pages are built apart.
const kept = globalThis as { ferulaAuth?: ReturnType<typeof made> };

/** The library that signs people in, on this instance's database. */
export const auth = () => (kept.ferulaAuth ??= made());
