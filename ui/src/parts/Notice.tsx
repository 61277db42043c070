import { useEffect, useState, type ReactNode } from 'react'
import { ApiError } from '../api/client'
import { phrase } from './phrase'

/** Says what went wrong and what to do; names every fault. */
export function Trouble({ error, again }: { error: unknown; again?: () => void }) {
  const problem = error instanceof ApiError ? error : new ApiError(0, phrase('something-went-wrong'), [])
  return (
    <div role="alert" className="lying border-l-4 border-l-over p-3">
      <p className="font-semibold">{problem.message}</p>
      {problem.faults.length > 0 && (
        <ul className="mt-1 list-disc pl-5 text-note">
          {problem.faults.map((fault) => (
            <li key={fault.pointer + fault.found}>
              {phrase('found-allowed', {
                pointer: fault.pointer.replace(/^\//, '').replaceAll('/', ' › ') || phrase('the-whole'),
                found: fault.found,
                allowed: fault.allowed,
              })}
            </li>
          ))}
        </ul>
      )}
      {again && (
        <button type="button" onClick={again} className="mt-2 min-h-11 underline underline-offset-4">
          {phrase('try-again')}
        </button>
      )}
    </div>
  )
}

/** Appears only when the wait can be felt. */
export function Loading({ what }: { what: string }) {
  const [felt, setFelt] = useState(false)
  useEffect(() => {
    const timer = setTimeout(() => setFelt(true), 200)
    return () => clearTimeout(timer)
  }, [])
  return (
    <p role="status" className={`p-4 text-faint ${felt ? '' : 'invisible'}`}>
      {what}
    </p>
  )
}

export function Empty({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className="lying grid justify-items-start gap-3 border-dashed p-5">
      <p className="text-do font-semibold">{title}</p>
      {children}
    </div>
  )
}

/** The same where it is all a page has to show. */
export function PageTrouble(props: { error: Error | null; again: () => void }) {
  return (
    <div className="p-4">
      <Trouble {...props} />
    </div>
  )
}
