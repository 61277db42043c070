import type { ReactNode } from 'react'
import { phrase } from './phrase'

/** Every state there is on screen: each has a form of its own, so that colour never stands alone. */
export type State =
  'in-tune' | 'care' | 'under' | 'over' | 'barred' | 'unknown' | 'refer' | 'nothing-to-clean'

export const stateWords: Record<State, string> = {
  'in-tune': phrase('in-tune'),
  care: phrase('with-care'),
  under: phrase('under'),
  over: phrase('over'),
  barred: phrase('barred'),
  unknown: phrase('identify-first'),
  refer: phrase('refer'),
  'nothing-to-clean': phrase('clean'),
}

const colours: Record<State, string> = {
  'in-tune': 'var(--tune)',
  care: 'var(--care)',
  under: 'var(--under)',
  over: 'var(--over)',
  barred: 'var(--barred)',
  unknown: 'var(--unknown)',
  refer: 'var(--over)',
  'nothing-to-clean': 'var(--faint)',
}

const forms: Record<State, ReactNode> = {
  'in-tune': <circle r="7" fill="currentColor" />,
  care: (
    <>
      <circle r="6.4" fill="none" stroke="currentColor" strokeWidth="2" />
      <path d="M0 -6.4A6.4 6.4 0 0 1 0 6.4Z" fill="currentColor" />
    </>
  ),
  under: <path d="M-7.5 -5.5H7.5L0 7.5Z" fill="currentColor" />,
  over: <path d="M-7.5 5.5H7.5L0 -7.5Z" fill="currentColor" />,
  barred: (
    <>
      <circle r="6.4" fill="none" stroke="currentColor" strokeWidth="2.4" />
      <path d="M-4.5 4.5L4.5 -4.5" stroke="currentColor" strokeWidth="2.4" />
    </>
  ),
  unknown: (
    <path
      d="M-3.6 -3.4C-3.6 -8.6 4 -8.4 3.8 -3.4C3.6 -0.8 0 -0.6 0 2.6M0 5.4V7.2"
      fill="none"
      stroke="currentColor"
      strokeWidth="2.4"
    />
  ),
  refer: <path d="M-5.5 5.5L5 -5M-1.5 -5.8H5.8V1.5" fill="none" stroke="currentColor" strokeWidth="2.6" />,
  'nothing-to-clean': <circle r="4" fill="none" stroke="currentColor" strokeWidth="1.8" />,
}

export const isState = (code: string): code is State => code in forms

/** The form alone, for use inside a drawing. */
export function GlyphForm({ state }: { state: State }) {
  return <g style={{ color: colours[state] }}>{forms[state]}</g>
}

/** The form with its word. */
export function StateMark({ state, children }: { state: State; children?: ReactNode }) {
  return (
    <span className="inline-flex items-center gap-1.5 whitespace-nowrap" style={{ color: colours[state] }}>
      <svg viewBox="-9 -9 18 18" width="16" height="16" aria-hidden="true">
        {forms[state]}
      </svg>
      <span className="narrow font-semibold">{children ?? stateWords[state]}</span>
    </span>
  )
}
