import { useState, type FormEvent } from 'react'
import { Delete } from 'lucide-react'
import type { Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { SecretField } from './SecretField'
import { phrase } from './phrase'

const keys = ['1', '2', '3', '4', '5', '6', '7', '8', '9'] as const
const LONGEST = 8
const SHORTEST = 4

type Told = { pin: string } | { passphrase: string }

/** A PIN on keys a wet glove can hit, or the passphrase. */
export function Secret(props: {
  name: Schemas['NameView']
  error: unknown
  busy: boolean
  onTell: (secret: Told) => void
}) {
  const { name, busy } = props
  const [byPin, setByPin] = useState(name.pin)
  const [pin, setPin] = useState('')
  const [passphrase, setPassphrase] = useState('')
  const submit = (event: FormEvent) => {
    event.preventDefault()
    props.onTell(byPin ? { pin } : { passphrase })
    setPin('')
  }
  if (!name.pin && !name.passphrase)
    return (
      <p role="status" className="lying border-l-4 border-l-care p-3">
        {phrase('has-neither-pin-nor-passphrase', { name: name.name })}
      </p>
    )
  const type = (digit: string) => setPin((before) => (before + digit).slice(0, LONGEST))
  return (
    <form
      onSubmit={submit}
      className="lying grid max-w-sm gap-3 p-4"
      aria-label={phrase('sign-in-as', { name: name.name })}
    >
      {byPin ? (
        <>
          <SecretField
            label={phrase('pin-of', { name: name.name })}
            value={pin}
            onChange={setPin}
            digits
            focus
          />
          <div className="grid grid-cols-3 gap-2">
            {keys.map((digit) => (
              <Key key={digit} label={digit} onPress={() => type(digit)} />
            ))}
            <span />
            <Key label="0" onPress={() => type('0')} />
            <Key label={phrase('take-the-last-one-back')} onPress={() => setPin((p) => p.slice(0, -1))}>
              <Delete size={22} aria-hidden="true" />
            </Key>
          </div>
        </>
      ) : (
        <SecretField
          label={phrase('passphrase-of', { name: name.name })}
          value={passphrase}
          onChange={setPassphrase}
          focus
        />
      )}
      <Button
        type="submit"
        weight="main"
        className="min-h-14"
        disabled={busy || (byPin ? pin.length < SHORTEST : passphrase === '')}
      >
        {phrase('come-in')}
      </Button>
      {props.error !== null && props.error !== undefined && <Trouble error={props.error} />}
      {name.pin && name.passphrase && (
        <Button weight="quiet" onClick={() => setByPin(!byPin)}>
          {byPin ? phrase('by-passphrase') : phrase('by-pin')}
        </Button>
      )}
    </form>
  )
}

function Key(props: { label: string; onPress: () => void; children?: React.ReactNode }) {
  return (
    <button
      type="button"
      aria-label={props.label}
      onClick={props.onPress}
      className="inline-flex min-h-14 items-center justify-center border border-line-strong bg-paper text-do font-semibold"
    >
      {props.children ?? props.label}
    </button>
  )
}
