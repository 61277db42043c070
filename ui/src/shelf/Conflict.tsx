import { Button } from '../parts/controls'
import { lasting, placed, say } from '../parts/words'
import { allOf, listed } from '../words/lists'
import { fieldWords, partWords } from './fieldWords'
import { phrase } from './phrase'

/** A value of a record as it is read aloud: a code in words, seconds as a wait. */
function shown(value: unknown, inSeconds = false): string {
  if (value === undefined || value === null) return phrase('not-said-within')
  if (Array.isArray(value)) return allOf(value.map((one) => shown(one)))
  if (typeof value === 'object')
    return listed(
      ...Object.entries(value).map(([key, v]) => placed(partWords[key] ?? key, shown(v, inSeconds))),
    )
  if (typeof value === 'number') return inSeconds ? lasting(value) : String(value)
  if (typeof value === 'string') return /^[a-z]+(-[a-z]+)*$/.test(value) ? say(value) : value
  return value ? phrase('yes-within') : phrase('no')
}

const isInSeconds = (field: string) => /[a-z]S$/.test(field)

/** Somebody else saved the same record meanwhile: both states, and the choice between them. */
export function Conflict(props: {
  mine: object
  theirs: object
  busy: boolean
  onMine: () => void
  onTheirs: () => void
}) {
  const mine = new Map<string, unknown>(Object.entries(props.mine))
  const theirs = new Map<string, unknown>(Object.entries(props.theirs))
  const fields = [...new Set([...mine.keys(), ...theirs.keys()])].filter(
    (field) => JSON.stringify(mine.get(field)) !== JSON.stringify(theirs.get(field)),
  )
  return (
    <section
      role="alert"
      aria-label={phrase('changed-meanwhile')}
      className="lying border-l-4 border-l-over p-3"
    >
      <h2 className="text-do">{phrase('somebody-else-saved-this')}</h2>
      <table className="w-full text-left">
        <thead className="text-note text-faint">
          <tr>
            <td />
            <th scope="col">{phrase('saved-by-them')}</th>
            <th scope="col">{phrase('yours')}</th>
          </tr>
        </thead>
        <tbody>
          {fields.map((field) => (
            <tr key={field} className="border-t border-line align-top">
              <th scope="row" className="pr-3 font-semibold">
                {fieldWords[field as keyof typeof fieldWords] ?? field}
              </th>
              <td className="pr-3">{shown(theirs.get(field), isInSeconds(field))}</td>
              <td>{shown(mine.get(field), isInSeconds(field))}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button weight="main" disabled={props.busy} onClick={props.onMine}>
          {phrase('save-mine-over-it')}
        </Button>
        <Button disabled={props.busy} onClick={props.onTheirs}>
          {phrase('take-theirs')}
        </Button>
      </div>
    </section>
  )
}
