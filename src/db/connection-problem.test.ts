import { expect, it } from 'vitest';
import { connectionProblem } from './connection-problem';

const driverError = (code: string) => Object.assign(new Error('driver'), { code });

it.each([
  ['ECONNREFUSED', 'unreachable'],
  ['PROTOCOL_CONNECTION_LOST', 'unreachable'],
  ['ER_ACCESS_DENIED_ERROR', 'login-refused'],
  ['ER_BAD_DB_ERROR', 'no-such-database'],
  ['ER_DUP_ENTRY', null],
])('%s is %s', (code, expected) => expect(connectionProblem(driverError(code))).toBe(expected));

it('looks through wrapped errors and lets others be', () => {
  expect(
    connectionProblem(new Error('query failed', { cause: new Error('again', { cause: driverError('ECONNRESET') }) })),
  ).toBe('unreachable');
  expect(connectionProblem(new Error('a bug'))).toBeNull();
  expect(connectionProblem('a string')).toBeNull();
});
