import type { ReactNode } from 'react'
import { Link } from 'react-router'

/** Rows on one shared rule. */
export function Scale(props: {
  label: string
  count: number
  unit: string
  marks: { at: number; text: string }[]
  children: ReactNode
}) {
  return (
    <section aria-label={props.label} className="lying p-3">
      <h2 className="text-do font-semibold">
        {props.label} <span className="text-body font-normal text-faint">{props.count}</span>
      </h2>
      <p className="text-note text-faint">{props.unit}</p>
      <div className={columns} aria-hidden="true">
        <div className="relative col-start-1 h-5 sm:col-start-2">
          {props.marks.map((m) => (
            <span
              key={m.text}
              className="absolute -translate-x-1/2 text-note text-faint tabular-nums"
              style={{ left: `${m.at}%` }}
            >
              {m.text}
            </span>
          ))}
        </div>
      </div>
      <ul>{props.children}</ul>
    </section>
  )
}

const columns = 'grid gap-x-5 px-2 sm:grid-cols-[17rem_minmax(0,1fr)_13rem] sm:px-0'

export function Row(props: {
  to?: string
  id?: string
  name: string
  note: string
  said: string
  end: string
  children: ReactNode
}) {
  return (
    <li id={props.id} className={`${columns} items-center border-b border-line py-1 target:bg-needle/15`}>
      <p className="grid leading-tight">
        {props.to ? (
          <Link to={props.to} className="inline-flex min-h-6 items-center font-semibold text-ink">
            {props.name}
          </Link>
        ) : (
          <span className="font-semibold">{props.name}</span>
        )}
        <span className="text-note text-faint">{props.note}</span>
      </p>
      <div className="relative h-6 border-x border-line bg-piece">{props.children}</div>
      <p className="flex flex-wrap justify-between gap-x-3 text-note sm:grid sm:justify-start">
        <span className="font-semibold">{props.said}</span>
        <span className="text-faint">{props.end}</span>
      </p>
    </li>
  )
}
