import { request } from '../api/client'
import type { components } from '../api/schema'
import { session, signedIn } from './session'

type Schemas = components['schemas']

/** Signing in by the device's own lock (W3C Web Authentication): finger, face or number. */

/** Whether somebody signed in, or may, by the lock of this device. */
const HERE = 'rotor.passkey'
export const wasUsedHere = () => localStorage.getItem(HERE) !== null

/** Whether this browser can, at the address where the page was opened. */
export const isUsable = () =>
  'PublicKeyCredential' in window && session.passkeysAt === location.origin

/** A lock that was not opened, or a device that cannot; with what to do. */
export class NotUnlocked extends Error {}

export function bytes(base64url: string): Uint8Array<ArrayBuffer> {
  const text = atob(base64url.replaceAll('-', '+').replaceAll('_', '/'))
  return Uint8Array.from(text, (one) => one.charCodeAt(0))
}

export function base64url(buffer: ArrayBuffer): string {
  const text = Array.from(new Uint8Array(buffer), (one) => String.fromCharCode(one)).join('')
  return btoa(text).replaceAll('+', '-').replaceAll('/', '_').replaceAll('=', '')
}

/** What a browser says when a lock stays shut, in words. */
async function unlocked<T>(ask: () => Promise<Credential | null>): Promise<T> {
  try {
    const answer = await ask()
    if (answer) return answer as T
  } catch (fault) {
    if (!(fault instanceof DOMException)) throw fault
    if (fault.name === 'InvalidStateError') {
      throw new NotUnlocked('This device has one already.', { cause: fault })
    }
    if (fault.name === 'NotSupportedError' || fault.name === 'ConstraintError') {
      throw new NotUnlocked('This device has no lock that could be used. Set one up first.', {
        cause: fault,
      })
    }
  }
  throw new NotUnlocked('The lock was not opened. Try again, or use the password.')
}

/** Whoever opens this device's lock is signed in. */
export async function signInByPasskey() {
  const asked = await request<Schemas['PasskeyQuestion']>('POST', '/api/session/passkey/question')
  const { rawId, response } = await unlocked<
    PublicKeyCredential & { response: AuthenticatorAssertionResponse }
  >(() =>
    navigator.credentials.get({
      publicKey: {
        challenge: bytes(asked.challenge),
        rpId: asked.host,
        userVerification: 'required',
      },
    }),
  )
  await signedIn('/api/session/passkey', {
    credential: base64url(rawId),
    clientData: base64url(response.clientDataJSON),
    authenticatorData: base64url(response.authenticatorData),
    signature: base64url(response.signature),
  })
  localStorage.setItem(HERE, 'used')
}

/**
 * This device's lock is to sign its owner in from now on.
 *
 * @param name what its owner calls the device
 * @param own the password
 */
export async function makePasskey(name: string, own: string): Promise<Schemas['PasskeysView']> {
  const asked = await request<Schemas['NewPasskeyQuestion']>('POST', '/api/passkeys/question', {
    own,
  })
  const { rawId, response } = await unlocked<
    PublicKeyCredential & { response: AuthenticatorAttestationResponse }
  >(() =>
    navigator.credentials.create({
      publicKey: {
        challenge: bytes(asked.challenge),
        rp: { id: asked.host, name: asked.shop },
        user: { id: bytes(asked.owner), name: asked.login, displayName: asked.name },
        // ES256, EdDSA, RS256 (IANA, COSE Algorithms).
        pubKeyCredParams: [-7, -8, -257].map((alg) => ({ type: 'public-key', alg })),
        authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
        excludeCredentials: asked.known.map((id) => ({ type: 'public-key', id: bytes(id) })),
      },
    }),
  )
  const view = await request<Schemas['PasskeysView']>('POST', '/api/passkeys', {
    name,
    credential: base64url(rawId),
    clientData: base64url(response.clientDataJSON),
    attestation: base64url(response.attestationObject),
    transports: response.getTransports?.() ?? [],
  })
  localStorage.setItem(HERE, 'made')
  return view
}
