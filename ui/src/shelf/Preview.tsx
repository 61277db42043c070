import type { Fault, Schemas } from '../api/client'
import { HazardList } from '../parts/Hazards'
import { allOf } from '../words/lists'
import { strong } from '../parts/drawn'
import { phrase } from './phrase'

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
    <section aria-label={phrase('what-this-means')} aria-live="polite" className="lying grid gap-3 p-3">
      <h2 className="text-do">{phrase('what-this-means')}</h2>
      {faults.length > 0 && (
        <ul className="border-l-4 border-l-over pl-3">
          {faults.map((f) => (
            <li key={f.pointer + f.found}>
              {phrase('found-allowed-at', {
                pointer: f.pointer.replace(/^\//, '').replaceAll('/', ' › ') || phrase('the-record'),
                found: f.found,
                allowed: f.allowed,
              })}
            </li>
          ))}
        </ul>
      )}
      {!preview && faults.length === 0 && <p className="text-faint">{phrase('give-it-a-name-and')}</p>}
      {preview && (
        <>
          <dl className="grid grid-cols-[auto_1fr] gap-x-4">
            {preview.ph.map((at) => (
              <div key={at.ratio} className="contents">
                <dt className="text-faint">{at.ratio === 'ready' ? phrase('as-it-comes') : at.ratio}</dt>
                <dd className="font-semibold">
                  {at.low === undefined
                    ? phrase('ph-not-known')
                    : phrase('ph-to', { low: at.low, high: String(at.high) })}
                </dd>
              </div>
            ))}
            {pack && pack.ml > 0 && pack.priceMinor !== undefined && (
              <div className="contents">
                <dt className="text-faint">{phrase('cost')}</dt>
                <dd className="font-semibold">
                  {phrase('per-ml', {
                    priceMinor: (pack.priceMinor / 100 / pack.ml).toFixed(3),
                    currency: pack.currency,
                  })}
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
            {preview.excluded.length === 0 ? (
              <strong>{phrase('the-label-leaves-no-finish')}</strong>
            ) : (
              phrase.drawn('the-label-leaves-out-finishes', {
                excluded: preview.excluded.length,
                names: allOf([
                  ...preview.excluded.slice(0, SHOWN),
                  preview.excluded.length > SHOWN &&
                    phrase('and-more', { more: preview.excluded.length - SHOWN }),
                ]),
                b: strong,
              })
            )}
          </p>
          {preview.clashes.length > 0 && (
            <div className="border-l-4 border-l-barred pl-3">
              <p className="font-semibold">{phrase('never-mix-nor-follow-without')}</p>
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
        <p className="text-note text-faint">{phrase('earlier-records-kept-a-run', { earlier })}</p>
      )}
    </section>
  )
}
