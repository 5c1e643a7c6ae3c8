import {
  startAuthentication,
  startRegistration,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
} from '@simplewebauthn/browser';
import { ask } from './ask';

/** Signs in by a passkey of this device; false where none fits, or whoever was asked said no. */
export async function takePasskey(): Promise<boolean> {
  const options = await ask<PublicKeyCredentialRequestOptionsJSON>('auth/passkey/generate-authenticate-options');
  if (!options.ok) return false;
  const response = await startAuthentication({ optionsJSON: options.data }).catch(() => null);
  return response !== null && (await ask('auth/passkey/verify-authentication', { response })).ok;
}

/** Makes a passkey on this device for whoever is signed in. */
export async function makePasskey(): Promise<'made' | 'not-fresh' | 'failed'> {
  const options = await ask<PublicKeyCredentialCreationOptionsJSON>('auth/passkey/generate-register-options');
  if (!options.ok) return options.code === 'SESSION_NOT_FRESH' ? 'not-fresh' : 'failed';
  const response = await startRegistration({ optionsJSON: options.data }).catch(() => null);
  if (!response) return 'failed';
  return (await ask('auth/passkey/verify-registration', { response })).ok ? 'made' : 'failed';
}

export const removePasskey = async (id: string): Promise<boolean> =>
  (await ask('auth/passkey/delete-passkey', { id })).ok;
