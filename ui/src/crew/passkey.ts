import { api, ApiError, need, type Schemas } from '../api/client'
import { phrase } from './phrase'

const number = /^[\d.]+$|:/

/** Whether this browser has passkeys here: it needs a way to make them, and an address that is a name. */
export const hasPasskeys = () =>
  typeof PublicKeyCredential !== 'undefined' &&
  'parseCreationOptionsFromJSON' in PublicKeyCredential &&
  !number.test(location.hostname)

/** What was given on asking; a browser says nothing of why where none was. */
async function given(asked: Promise<Credential | null>) {
  const credential = await asked.catch(() => null)
  if (!(credential instanceof PublicKeyCredential))
    throw new ApiError(0, phrase('no-passkey-was-given-try'), [])
  return credential.toJSON() as unknown as Record<string, never>
}

/** Makes a passkey for whoever is signed in; the device asks for a finger, a face or its PIN. */
export async function makePasskey(label: string): Promise<Schemas['PasskeyView'][]> {
  const options = await need(api.POST('/api/v1/crew/me/passkeys/options'))
  const publicKey = PublicKeyCredential.parseCreationOptionsFromJSON(
    options as unknown as PublicKeyCredentialCreationOptionsJSON,
  )
  const credential = await given(navigator.credentials.create({ publicKey }))
  return need(api.POST('/api/v1/crew/me/passkeys', { body: { label, credential } }))
}

/** Signs somebody in by a passkey of theirs. */
export async function comeInByPasskey(): Promise<Schemas['DoorView']> {
  const options = await need(api.POST('/api/v1/crew/session/passkey/options'))
  const publicKey = PublicKeyCredential.parseRequestOptionsFromJSON(
    options as unknown as PublicKeyCredentialRequestOptionsJSON,
  )
  const credential = await given(navigator.credentials.get({ publicKey }))
  return need(api.POST('/api/v1/crew/session/passkey', { body: { credential } }))
}
