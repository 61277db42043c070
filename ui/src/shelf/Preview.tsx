import type { Fault, Schemas } from '../api/client'
import { HazardList } from '../parts/Hazards'
import { plural } from '../parts/words'

const SHOWN = 8

/** What a record means before it is used anywhere; follows every key. */
export function Preview(props: {
  preview: Schemas['PreviewView'] | undefined
  faults: Fault[]
  pack: Schemas['PackFile'] | undefined
  earlier: number
}) {
  const { preview, faults, pack, earlier } = props
  return (
    <section aria-label="What this means" aria-live="polite" className="lying grid gap-3 p-3">
      <h2 className="text-do">What this means</h2>
      {faults.length > 0 && (
        <ul className="border-l-4 border-l-over pl-3">
          {faults.map((f) => (
            <li key={f.pointer + f.found}>
              {f.pointer.replace(/^\//, '').replaceAll('/', ' › ') || 'The record'}: found {f.found}; allowed:{' '}
              {f.allowed}
            </li>
          ))}
        </ul>
      )}
      {!preview && faults.length === 0 && (
        <p className="text-faint">Give it a name and a use; what follows from the rest shows here.</p>
      )}
      {preview && (
        <>
          <dl className="grid grid-cols-[auto_1fr] gap-x-4">
            {preview.ph.map((at) => (
              <div key={at.ratio} className="contents">
                <dt className="text-faint">{at.ratio === 'ready' ? 'As it comes' : at.ratio}</dt>
                <dd className="font-semibold">
                  {at.low === undefined ? 'pH not known' : `pH ${at.low} to ${at.high}`}
                </dd>
              </div>
            ))}
            {pack && pack.ml > 0 && pack.priceMinor !== undefined && (
              <div className="contents">
                <dt className="text-faint">Cost</dt>
                <dd className="font-semibold">
                  {(pack.priceMinor / 100 / pack.ml).toFixed(3)} {pack.currency} per ml
                </dd>
              </div>
            )}
          </dl>
          {preview.notes.length > 0 && (
            <ul className="grid gap-1 border-l-4 border-l-care pl-3">
              {preview.notes.map((note) => (
                <li key={note}>{note}</li>
              ))}
            </ul>
          )}
          <p>
            <strong className="font-semibold">
              {preview.excluded.length === 0
                ? 'The label leaves no finish out.'
                : `The label leaves out ${plural(preview.excluded.length, 'finish', 'finishes')}: `}
            </strong>
            {preview.excluded.slice(0, SHOWN).join(', ')}
            {preview.excluded.length > SHOWN && ` and ${preview.excluded.length - SHOWN} more`}
          </p>
          {preview.clashes.length > 0 && (
            <div className="border-l-4 border-l-barred pl-3">
              <p className="font-semibold">Never mix, nor follow without a rinse:</p>
              <ul>
                {preview.clashes.map((c) => (
                  <li key={c.otherId}>
                    {c.other}: {c.why}
                  </li>
                ))}
              </ul>
            </div>
          )}
          <HazardList hazards={preview.hazards} />
        </>
      )}
      {earlier > 0 && (
        <p className="text-note text-faint">
          {plural(earlier, 'earlier record')} kept; a run keeps the one it was planned with.
        </p>
      )}
    </section>
  )
}
