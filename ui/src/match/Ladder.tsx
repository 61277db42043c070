import type { Schemas } from '../api/client'
import { lasting, plural, range, Say, say } from '../parts/words'

type Names = Map<string, string>

/** The rungs, from the mildest up, with what leads from one to the next. */
export function Ladder({ answer, names }: { answer: Schemas['PlannedSurfaceFile']; names: Names }) {
  return (
    <section aria-label="Ladder" className="lying p-3">
      <h2 className="text-do">Ladder</h2>
      {answer.ladder.length > 0 && (
        <ol className="mt-2 border-l-4 border-ink pl-4">
          {answer.ladder.map((rung, i) => (
            <li key={i} className="relative pb-4">
              <span aria-hidden="true" className="absolute top-3 -left-4 w-3 border-t-4 border-ink" />
              <p className="font-semibold">
                {i + 1}. {rung.cleanerId ? (names.get(rung.cleanerId) ?? rung.cleanerId) : 'Dry'}
                {rung.ratio !== 'ready' && `, ${rung.ratio}`} with {names.get(rung.toolId) ?? rung.toolId}
              </p>
              <p className="text-note text-faint">
                {[
                  rung.cleanerId && `on the ${rung.applyTo}`,
                  rung.warmth !== 'none' && say(rung.warmth),
                  rung.cleanerId &&
                    `sits ${rung.dwellS.min === rung.dwellS.max ? lasting(rung.dwellS.min) : `${lasting(rung.dwellS.min)} to ${lasting(rung.dwellS.max)}`}`,
                  plural(rung.passes.high, 'pass', 'passes').replace(
                    /^\d+/,
                    range(rung.passes.low, rung.passes.high),
                  ),
                  rung.sections.count > 1 && plural(rung.sections.count, 'section'),
                  rung.effectivePh && `pH ${rung.effectivePh.low} to ${rung.effectivePh.high}`,
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </p>
              {i === 0 && <p className="mt-1 text-note">Done when: {rung.endPoint}</p>}
              <p className="mt-1 text-note">{rung.leadsOn}</p>
            </li>
          ))}
        </ol>
      )}
      {answer.refer && (
        <p className="mt-1 border-l-4 border-l-over pl-3">
          <strong>Refer.</strong> {answer.refer.text}
        </p>
      )}
      {answer.ladder.length === 0 && !answer.refer && <p className="mt-1">Nothing to clean here.</p>}
    </section>
  )
}

/** What follows the cleaning. */
export function Finishing({ answer, names }: { answer: Schemas['PlannedSurfaceFile']; names: Names }) {
  if (answer.finishSteps.length === 0) return null
  return (
    <section aria-label="Finishing" className="lying p-3">
      <h2 className="text-do">After cleaning</h2>
      {answer.dry && (
        <p className="mt-1 text-note text-faint">
          Dry for about {lasting(answer.dry.estimateS)}: {answer.dry.how}. Confirm by{' '}
          {say(answer.dry.confirmWith)}.
        </p>
      )}
      <ol className="mt-2 grid gap-2">
        {answer.finishSteps.map((step) => (
          <li key={step.productId}>
            {step.waitS > 0 && (
              <p className="text-note font-semibold text-care">Wait {lasting(step.waitS)} first</p>
            )}
            <p className="font-semibold">
              {Say(step.step)}: {names.get(step.productId) ?? step.productId}
            </p>
            <p className="text-note text-faint">
              {step.doseMl} ml by {names.get(step.applicatorId) ?? step.applicatorId},{' '}
              {plural(step.coats, 'coat')}, to {step.levelTo}
              {step.flashS && `, wipe ${lasting(step.flashS.min)} to ${lasting(step.flashS.max)} after`}
              {step.sitAfterS > 0 && `, no sitting for ${lasting(step.sitAfterS)}`}
            </p>
          </li>
        ))}
      </ol>
    </section>
  )
}

/** What was left out, and every reason; what would do as well comes last. */
export function LeftOut({ answer, names }: { answer: Schemas['PlannedSurfaceFile']; names: Names }) {
  if (answer.ruledOut.length === 0) return null
  const spare = (o: Schemas['RuledOutFile']) =>
    o.reasons.every((r) => ['DOMINATED', 'NOT_WANTED'].includes(r.code))
  const against = answer.ruledOut.filter((o) => !spare(o))
  const would = answer.ruledOut.filter(spare)
  return (
    <section aria-label="Left out" className="lying p-3">
      <h2 className="text-do">Left out, and why</h2>
      <ul className="mt-2 grid gap-x-5 gap-y-2 lg:grid-cols-2">
        {against.map((out) => (
          <li key={out.kind + out.itemId} className="border-b border-line pb-1.5">
            <span className="font-semibold">{names.get(out.itemId) ?? Say(out.itemId)}</span>
            {out.reasons.map((r) => (
              <span key={r.code + r.text} className="block text-note">
                {r.text} <span className="text-faint">({say(r.setBy)})</span>
              </span>
            ))}
          </li>
        ))}
      </ul>
      {would.length > 0 && (
        <p className="mt-2 text-note text-faint">
          Would do or was not asked for: {would.map((o) => names.get(o.itemId) ?? say(o.itemId)).join(', ')}.
        </p>
      )}
    </section>
  )
}
