import { useState, type ReactNode } from 'react'
import { ApiError, type Fault } from '../api/client'
import { Field, inputForm } from '../parts/controls'
import { apart } from '../words/lists'
import { phrase } from './phrase'

/** A draft without what was left empty, as the format wants it: unknown is left out. */
export function filledIn<T extends object>(draft: T): T {
  const kept = Object.entries(draft).filter(
    ([, v]) => v !== undefined && v !== '' && v !== false && !(Array.isArray(v) && v.length === 0),
  )
  return Object.fromEntries(kept) as T
}

export const faultsOf = (error: unknown): Fault[] => (error instanceof ApiError ? error.faults : [])

/** What is said against one field: found and allowed. */
export function faultAt(faults: Fault[], field: string): string | undefined {
  const fault = faults.find((f) => f.pointer === `/${field}` || f.pointer.startsWith(`/${field}/`))
  return fault && phrase('found-allowed', { found: fault.found, allowed: fault.allowed })
}

/** A number that may be unknown; shown in another unit where `per` says how many go into one. */
export function Amount(props: {
  label: string
  value: number | undefined
  onChange: (value: number | undefined) => void
  per?: number
  note?: string
  fault?: string
  disabled?: boolean
}) {
  const { label, value, onChange, per = 1, note, fault, disabled } = props
  const shown = value === undefined ? '' : String(Math.round((value / per) * 1000) / 1000)
  const [text, setText] = useState(shown)
  const [seen, setSeen] = useState(value)
  if (seen !== value) {
    setSeen(value)
    if (parsed(text, per) !== value) setText(shown)
  }
  return (
    <label>
      <Field label={label} note={note}>
        <input
          className={inputForm}
          inputMode="decimal"
          value={text}
          maxLength={12}
          disabled={disabled}
          aria-invalid={fault ? true : undefined}
          onChange={(e) => {
            setText(e.target.value)
            const next = parsed(e.target.value, per)
            setSeen(next)
            onChange(next)
          }}
        />
        {fault && <span className="text-note text-over">{fault}</span>}
      </Field>
    </label>
  )
}

export function parsed(text: string, per = 1): number | undefined {
  const value = Number(text.trim().replace(',', '.'))
  return text.trim() === '' || !Number.isFinite(value) ? undefined : value * per
}

/** One part of a long form: folded, it says what is empty in it and what that costs. */
export function Part(props: { title: string; open?: boolean; blanks?: string[]; children: ReactNode }) {
  const empty = props.blanks ?? []
  return (
    <details open={props.open} className="border-t border-line pt-1">
      <summary className="min-h-11 cursor-pointer py-1.5 leading-tight">
        <span className="text-do font-semibold">{props.title}</span>
        {empty.length > 0 && (
          <span className="block pl-4 text-note text-faint">
            {phrase('not-said-listed', { empty: apart(empty) })}
          </span>
        )}
      </summary>
      <div className="grid gap-4 pt-1 pb-3">{props.children}</div>
    </details>
  )
}

export const three = 'grid gap-4 sm:grid-cols-2 lg:grid-cols-3'
