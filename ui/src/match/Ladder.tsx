import type { Schemas } from '../api/client'
import { dayOf, lasting, range, Say, say, ml, placed } from '../parts/words'
import { DidItWork, Tried } from './Tried'
import type { useDecisions } from './useDecisions'
import { listed } from '../words/lists'
import { strong } from '../parts/drawn'
import { bottleWords, passesWords } from './treatmentWords'
import { phrase } from './phrase'

type Names = Map<string, string>

/** The rungs, from the mildest up, with what leads from one to the next and what stands above. */
export function Ladder(props: {
  jobId: string
  match: Schemas['MatchView']
  names: Names
  open: boolean
  decisions: ReturnType<typeof useDecisions>
}) {
  const { match, names, decisions } = props
  const { answer } = match
  const ladder = answer.ladder.filter((rung) => !rung.spot)
  const spots = answer.ladder.filter((rung) => rung.spot)
  const first = ladder[0]
  return (
    <section aria-label={phrase('ladder')} className="lying p-3">
      <h2 className="font-semibold">{phrase('ladder')}</h2>
      {props.open && <Tried tried={match.tried} names={names} decisions={decisions} />}
      {ladder.length > 0 && (
        <ol className="mt-1 border-l-4 border-ink pl-3">
          {ladder.map((rung, i) => (
            <li key={i} className="relative pb-1.5 leading-tight">
              <span aria-hidden="true" className="absolute top-2.5 -left-3 w-2 border-t-4 border-ink" />
              <p className="font-semibold">
                {i + 1}. {bottleWords(rung, names)}
              </p>
              <p className="text-note text-faint">{rungWords(rung, names)}</p>
            </li>
          ))}
          {answer.end && (
            <li className="relative leading-tight">
              <span aria-hidden="true" className="absolute top-2.5 -left-4 w-4 border-t-4 border-over" />
              <p className="text-note">
                <strong>{phrase('above-that-stop')}</strong> {answer.end.text}
              </p>
            </li>
          )}
        </ol>
      )}
      {first && (
        <div className="mt-1 flex flex-wrap items-start gap-x-4">
          <details className="open:basis-full">
            <summary className="flex min-h-11 cursor-pointer items-center underline underline-offset-4">
              {phrase('done-when-and-when-to')}
            </summary>
            <p className="text-note">{first.endPoint}</p>
            <p className="text-note font-semibold">{first.stop}</p>
            {ladder.length > 1 && <p className="text-note">{first.leadsOn}</p>}
          </details>
          {props.open && match.chosen && (
            <DidItWork
              jobId={props.jobId}
              surfaceId={match.surfaceId}
              needles={match.chosen.needles}
              decisions={decisions}
            />
          )}
        </div>
      )}
      <SpotList spots={spots} names={names} />
      {answer.milder && (
        <p className="mt-2 border-l-4 border-l-care pl-3">
          {phrase.drawn('milder-inside-the-years', {
            treatment: phrase('with', {
              bottle: bottleWords(answer.milder, names),
              get: names.get(answer.milder.toolId) ?? answer.milder.toolId,
            }),
            b: strong,
          })}
        </p>
      )}
      {answer.refer && (
        <p className="mt-1 border-l-4 border-l-over pl-3">
          <strong>{phrase('refer')}</strong> {answer.refer.text}
        </p>
      )}
      {ladder.length === 0 && !answer.refer && <p className="mt-1">{phrase('nothing-to-clean-here')}</p>}
    </section>
  )
}

/** What a rung is worked with, in a line. */
const rungWords = (rung: Schemas['RungFile'], names: Names) =>
  [
    names.get(rung.toolId) ?? rung.toolId,
    rung.cleanerId && phrase('on-the', { applyTo: rung.applyTo }),
    rung.warmth !== 'none' && say(rung.warmth),
    rung.dwellS.min > 0 && lasting(rung.dwellS.min),
    passesWords(rung.passes),
    rung.effectivePh && phrase('ph', { low: range(rung.effectivePh.low, rung.effectivePh.high) }),
  ]
    .filter(Boolean)
    .join(' · ')

/** What meets the stains, each alone, once the panel is clean. */
function SpotList({ spots, names }: { spots: Schemas['RungFile'][]; names: Names }) {
  if (spots.length === 0) return null
  return (
    <section aria-label={phrase('stains')} className="mt-1 border-t border-line pt-2">
      <h3 className="font-semibold">{phrase('then-the-stains-alone')}</h3>
      <ul>
        {spots.map((rung, i) => (
          <li key={i} className="mt-1">
            <p>
              {phrase('from', {
                bottle: bottleWords(rung, names),
                get: names.get(rung.toolId) ?? rung.toolId,
              })}
            </p>
            <p className="text-note text-faint">
              {rung.spot && phrase('the-stain-is', { cm2: rung.spot.cm2, dose: ml(rung.spot.ml) })} ·{' '}
              {phrase('ml-sits', { passes: passesWords(rung.passes), min: lasting(rung.dwellS.min) })}
            </p>
            <p className="text-note">{rung.stop}</p>
          </li>
        ))}
      </ul>
    </section>
  )
}

/** What follows the cleaning. */
export function Finishing({ answer, names }: { answer: Schemas['PlannedSurfaceFile']; names: Names }) {
  if (answer.finishSteps.length === 0) return null
  return (
    <section aria-label={phrase('finishing')} className="lying p-3">
      <h2 className="text-do">{phrase('after-cleaning')}</h2>
      {answer.dry && (
        <p className="mt-1 text-note text-faint">
          {phrase('dry-for-about-confirm-by', {
            estimateS: lasting(answer.dry.estimateS),
            how: answer.dry.how,
            confirmWith: say(answer.dry.confirmWith),
          })}
        </p>
      )}
      <ol className="mt-2 grid gap-2">
        {answer.finishSteps.map((step) =>
          step.history ? (
            <li key={step.role}>
              <p className="font-semibold">{phrase('still-holds', { role: Say(step.role) })}</p>
              <p className="text-note text-faint">
                {listed(
                  step.productId && (names.get(step.productId) ?? step.productId),
                  phrase('laid-on-next-from', {
                    last: dayOf(step.history.last),
                    next: dayOf(step.history.next),
                  }),
                  step.step === 'coat' && phrase('bead-and-sheen-check-instead'),
                )}
              </p>
            </li>
          ) : (
            <Laid key={step.step + (step.productId ?? '')} step={step} names={names} />
          ),
        )}
      </ol>
    </section>
  )
}

/** A product that goes on: what waits before it, how much, and what waits after. */
function Laid({ step, names }: { step: Schemas['FinishStepFile']; names: Names }) {
  const named = (id?: string) => (id ? (names.get(id) ?? id) : '')
  return (
    <li>
      {step.waitS > 0 && (
        <p className="text-note font-semibold text-care">
          {phrase('wait-first', { waitS: lasting(step.waitS) })}
        </p>
      )}
      <p className="font-semibold">{placed(Say(step.step), named(step.productId))}</p>
      <p className="text-note text-faint">
        {listed(
          phrase('ml-by-coats', { dose: ml(step.doseMl), applicatorId: named(step.applicatorId) }),
          phrase('coats', { coats: step.coats }),
          step.levelTo && phrase('level-to', { levelTo: step.levelTo }),
          step.flashS &&
            phrase('wipe-to-after', { min: lasting(step.flashS.min), max: lasting(step.flashS.max) }),
          step.sitAfterS > 0 && phrase('no-sitting-for', { sitAfterS: lasting(step.sitAfterS) }),
        )}
      </p>
    </li>
  )
}

/** Alkali and acid beyond the routine window: what the year had, what this adds, what it stands. */
export function Exposure({ answer }: { answer: Schemas['PlannedSurfaceFile'] }) {
  if (!answer.exposure) return null
  const { before, plan, allowance, beforePercent, afterPercent, unknownVisits, brushedPercent } =
    answer.exposure
  const spent = before + plan > allowance
  const counts = before + plan > 0
  const had = Math.min(100, beforePercent)
  return (
    <section aria-label={phrase('exposure')} className="lying p-3">
      <h2 className="text-do">{phrase('exposure-this-year')}</h2>
      {counts && (
        <svg viewBox="0 0 100 10" preserveAspectRatio="none" className="mt-2 h-4 w-full" aria-hidden="true">
          <rect width="100" height="10" fill="var(--piece)" />
          <rect width={had} height="10" fill="var(--faint)" />
          <rect x={had} width={Math.min(100, afterPercent) - had} height="10" fill="var(--needle)" />
        </svg>
      )}
      {counts && (
        <p className={`mt-1 ${spent ? 'text-over' : ''}`}>
          {allowance > 0
            ? spent
              ? phrase('spent', { beforePercent, afterPercent })
              : phrase('alkali-and-acid-of-the', { beforePercent, afterPercent })
            : spent
              ? phrase('spent-by-its-own')
              : phrase('this-finish-stands-nothing')}
        </p>
      )}
      {brushedPercent !== undefined && (
        <p className={`mt-1 ${brushedPercent > 100 ? 'text-over' : ''}`}>
          {phrase('brushing-of-what-it-stands', { brushedPercent })}
        </p>
      )}
      {unknownVisits > 0 && (
        <p className="text-note text-faint">{phrase('visits-of-this-year-not', { unknownVisits })}</p>
      )}
    </section>
  )
}
