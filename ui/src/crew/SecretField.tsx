import { useId } from 'react'
import { inputForm } from '../parts/controls'

/** A field that hides what is typed. */
export function SecretField(props: {
  label: string
  value: string
  onChange: (value: string) => void
  note?: string
  fault?: string
  digits?: boolean
  /** Taken for a new secret by what keeps passphrases. */
  fresh?: boolean
  focus?: boolean
}) {
  const id = useId()
  return (
    <div className="grid content-start gap-1">
      <label htmlFor={id} className="narrow text-note font-semibold text-faint">
        {props.label}
      </label>
      <input
        id={id}
        type="password"
        className={inputForm}
        value={props.value}
        inputMode={props.digits ? 'numeric' : undefined}
        maxLength={props.digits ? 8 : 128}
        autoFocus={props.focus}
        autoComplete={props.fresh ? 'new-password' : 'current-password'}
        aria-invalid={props.fault ? true : undefined}
        aria-describedby={props.note ? `${id}-note` : undefined}
        onChange={(e) => props.onChange(props.digits ? e.target.value.replace(/\D/g, '') : e.target.value)}
      />
      {props.note && (
        <span id={`${id}-note`} className="text-note text-faint">
          {props.note}
        </span>
      )}
      {props.fault && <span className="text-note text-over">{props.fault}</span>}
    </div>
  )
}
