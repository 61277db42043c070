import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { phrase } from './phrase'

type Other = { id: string; name: string; detail: string }

/** Records that may be of the same one, to be taken into this. */
export function PerhapsSame(props: {
  title: string
  note: string
  others: Other[]
  busy: boolean
  error: Error | null
  onTake: (id: string) => void
}) {
  if (props.others.length === 0) return null
  return (
    <section aria-label={props.title} className="lying border-l-4 border-l-care p-3">
      <h2 className="text-do">{props.title}</h2>
      <p className="text-note text-faint">{props.note}</p>
      <ul className="mt-2 divide-y divide-line">
        {props.others.map((other) => (
          <li key={other.id} className="flex items-center justify-between gap-3 py-1">
            <span>
              {other.name}
              <span className="block text-note text-faint">{other.detail}</span>
            </span>
            <Button onClick={() => props.onTake(other.id)} disabled={props.busy}>
              {phrase('take-it-in')}
            </Button>
          </li>
        ))}
      </ul>
      {props.error && <Trouble error={props.error} />}
    </section>
  )
}
