import type { Schemas } from '../api/client'
import { lasting, plural, range, Say, say } from '../parts/words'
import { DidItWork, Tried } from './Tried'
import type { useDecisions } from './useDecisions'

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
  return (
    <section aria-label="Ladder" className="lying p-3">
      <h2 className="text-do">Ladder</h2>
      {props.open && <Tried tried={match.tried} names={names} decisions={decisions} />}
      {ladder.length > 0 && (
        <ol className="mt-2 border-l-4 border-ink pl-4">
          {ladder.map((rung, i) => (
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
              {i === 0 && (
                <p className="mt-1 text-note">
                  Done when: {rung.endPoint} <strong>{rung.stop}</strong>
                </p>
              )}
              {i < ladder.length - 1 && <p className="mt-1 text-note">{rung.leadsOn}</p>}
              {i === 0 && props.open && match.chosen && (
                <DidItWork
                  jobId={props.jobId}
                  surfaceId={match.surfaceId}
                  needles={match.chosen.needles}
                  decisions={decisions}
                />
              )}
            </li>
          ))}
          {answer.end && (
            <li className="relative">
              <span aria-hidden="true" className="absolute top-3 -left-5 h-0 w-5 border-t-4 border-over" />
              <p className="text-note">
                <strong>Above that: stop.</strong> {answer.end.text}
              </p>
            </li>
          )}
        </ol>
      )}
      <SpotList spots={spots} names={names} />
      {answer.milder && (
        <p className="mt-2 border-l-4 border-l-care pl-3">
          <strong>Milder, inside the year’s allowance:</strong>{' '}
          {names.get(answer.milder.cleanerId ?? '') ?? 'dry'}
          {answer.milder.ratio !== 'ready' && `, ${answer.milder.ratio}`} with{' '}
          {names.get(answer.milder.toolId) ?? answer.milder.toolId}. Some soil would stay.
        </p>
      )}
      {answer.refer && (
        <p className="mt-1 border-l-4 border-l-over pl-3">
          <strong>Refer.</strong> {answer.refer.text}
        </p>
      )}
      {ladder.length === 0 && !answer.refer && <p className="mt-1">Nothing to clean here.</p>}
    </section>
  )
}

/** What meets the stains, each alone, once the panel is clean. */
function SpotList({ spots, names }: { spots: Schemas['RungFile'][]; names: Names }) {
  if (spots.length === 0) return null
  return (
    <section aria-label="Stains" className="mt-1 border-t border-line pt-2">
      <h3 className="font-semibold">Then the stains alone</h3>
      <ul>
        {spots.map((rung, i) => (
          <li key={i} className="mt-1">
            <p>
              {names.get(rung.cleanerId ?? '') ?? rung.cleanerId}
              {rung.ratio !== 'ready' && `, ${rung.ratio}`} from {names.get(rung.toolId) ?? rung.toolId}
            </p>
            <p className="text-note text-faint">
              {rung.spot?.cm2} cm² · {rung.spot?.ml} ml ·{' '}
              {plural(rung.passes.high, 'pass', 'passes').replace(
                /^\d+/,
                range(rung.passes.low, rung.passes.high),
              )}{' '}
              · sits {lasting(rung.dwellS.min)}
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

/** Alkali and acid beyond the routine window: what the year had, what this adds, what it stands. */
export function Exposure({ answer }: { answer: Schemas['PlannedSurfaceFile'] }) {
  if (!answer.exposure) return null
  const { before, plan, allowance, beforePercent, afterPercent, unknownVisits } = answer.exposure
  const spent = before + plan > allowance
  const had = Math.min(100, beforePercent)
  return (
    <section aria-label="Exposure" className="lying p-3">
      <h2 className="text-do">Exposure this year</h2>
      <svg viewBox="0 0 100 10" preserveAspectRatio="none" className="mt-2 h-4 w-full" aria-hidden="true">
        <rect width="100" height="10" fill="var(--piece)" />
        <rect width={had} height="10" fill="var(--faint)" />
        <rect x={had} width={Math.min(100, afterPercent) - had} height="10" fill="var(--needle)" />
      </svg>
      <p className={`mt-1 ${spent ? 'text-over' : ''}`}>
        {allowance > 0
          ? `${beforePercent} % of the year’s allowance before, ${afterPercent} % after this plan`
          : 'This finish has no allowance beyond its routine window'}
        {spent && ': spent.'}
      </p>
      {unknownVisits > 0 && (
        <p className="text-note text-faint">
          {plural(unknownVisits, 'visit')} of this year not written down well enough to count.
        </p>
      )}
    </section>
  )
}

const against: Record<string, string> = {
  LABEL_EXCLUDES: 'The label leaves this finish out',
  NOT_FOR_FINISH: 'Made for other things',
  NOT_FOR_THIS_SOIL: 'For soils not found here',
  TOO_STIFF: 'Stiffer than it stands',
  TOO_WEAK: 'Too weak for this soil',
  TOO_MANY_PASSES: 'Would take too many passes',
  PH_ABOVE_LIMIT: 'Too alkaline at every ratio of the label',
  PH_BELOW_LIMIT: 'Too acid at every ratio of the label',
  PH_UNKNOWN: 'pH not known: measure it',
  STRENGTH_UNKNOWN: 'Strength not on record',
  SOLVENT: 'Holds solvent',
  ABRASIVE: 'Abrasive',
  DYED_ON_PALE: 'Dyed, on a pale surface',
  FILM_BLOCKS_COATING: 'Leaves a film under the coating',
  STRIPS_COATING: 'Strips an earlier coating',
  HOUSE_RULE: 'Kept off by a house rule',
  HOUSEHOLD_PRODUCT: 'Household product',
  STOCK_SHORT: 'Used up',
  EXPIRED: 'Past its date',
  SLIP_ON_CONTROL: 'Slippery on what is held or trodden on',
  EXPOSURE_SPENT: 'Would spend the year’s allowance',
  THROWS_DROPLETS: 'Flicks dirty cleaner about',
  FLAMMABLE: 'Flammable',
  SPOT_ONLY: 'For a stain alone',
  BARRED_HERE: 'Kept for other places',
  SCENT: 'To be avoided in this car',
}
const spareCodes = ['DOMINATED', 'NOT_WANTED']

/** What was left out, by what stands against it; each opens its whole reason and what would change it. */
export function LeftOut({
  answer,
  names,
  onWhy,
}: {
  answer: Schemas['PlannedSurfaceFile']
  names: Names
  onWhy: (itemId: string) => void
}) {
  if (answer.ruledOut.length === 0) return null
  const groups = new Map<string, Schemas['RuledOutFile'][]>()
  for (const out of answer.ruledOut) {
    const code = out.reasons[0]?.code ?? ''
    const title = spareCodes.includes(code)
      ? 'Would do, or not asked for'
      : out.kind === 'method'
        ? 'Ways of working'
        : (against[code] ?? Say(code.toLowerCase().replaceAll('_', '-')))
    groups.set(title, [...(groups.get(title) ?? []), out])
  }
  return (
    <section aria-label="Left out" className="lying p-3">
      <h2 className="text-do">Left out, and why</h2>
      <dl className="mt-1 grid gap-x-5 lg:grid-cols-2">
        {[...groups].map(([title, outs]) => (
          <div key={title} className="border-b border-line py-1.5">
            <dt className="text-note text-faint">{title}</dt>
            <dd className="flex flex-wrap gap-x-4">
              {outs.map((out) => (
                <button
                  key={out.kind + out.itemId}
                  type="button"
                  onClick={() => onWhy(out.itemId)}
                  className="min-h-11 text-left underline decoration-line underline-offset-4"
                >
                  {names.get(out.itemId) ?? Say(out.itemId)}
                </button>
              ))}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  )
}
