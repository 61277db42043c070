import type { Schemas } from '../api/client'
import { clock, placed } from '../parts/words'
import { marks, type Marked } from './words'
import { phrase } from './phrase'

type Mark = NonNullable<Marked['coat']>
type Outcome = Schemas['CoatOutcomeView']

/** How a coating came out, over its time, beside a master's on the same areas. */
export function CoatResult({ marked }: { marked: Marked }) {
  const coat = marked.coat!
  const { says, ink, bar } = marks[marked.mark]
  return (
    <section aria-label={phrase('how-it-came-out')} className={`lying grid gap-3 border-l-4 p-3 ${bar}`}>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-head">{phrase('of-100', { score: marked.score })}</h2>
        <p className={`font-semibold ${ink}`}>{marked.mark === 'harsh' ? phrase('high-spots-stay') : says}</p>
      </div>
      <ul className="list-[square] pl-5">
        {marked.says.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <div className="grid gap-4 lg:grid-cols-2">
        <Course title={phrase('yours', { seconds: clock(coat.seconds) })} coat={coat} own />
        <MastersCourse coat={coat} />
      </div>
    </section>
  )
}

/** The same areas under a master's hand. */
export const MastersCourse = ({ coat }: { coat: Mark }) => (
  <Course title={phrase('a-master', { referenceSeconds: clock(coat.referenceSeconds) })} coat={coat} />
)

function Course({ title, coat, own = false }: { title: string; coat: Mark; own?: boolean }) {
  const whole = Math.max(coat.seconds, coat.referenceSeconds, 1)
  return (
    <figure className="grid content-start gap-1">
      <figcaption className="font-semibold">{title}</figcaption>
      {coat.areas.map((area) => (
        <Row key={area.name} area={area} whole={whole} own={own} />
      ))}
      <p className="text-note text-faint">{phrase('the-light-band-is-when')}</p>
    </figure>
  )
}

function Row({ area, whole, own }: { area: Outcome; whole: number; own: boolean }) {
  const laid = own ? area.laidS : area.refLaidS
  const levelled = own ? area.levelledS : area.refLevelledS
  const at = (seconds: number) => `${Math.min(100, Math.max(0, (100 * seconds) / whole))}%`
  const state = own ? area.state : 'even'
  return (
    <div className="grid grid-cols-[8rem_minmax(0,1fr)] items-center gap-2">
      <span className="narrow text-note">{area.name}</span>
      <div
        role="img"
        aria-label={placed(area.name, spoken(area, laid, levelled, state))}
        className="relative h-5 bg-piece"
      >
        {laid >= 0 && (
          <>
            <span
              className="absolute inset-y-0 border border-tune bg-paper"
              style={{ left: at(laid + area.fromS), right: `calc(100% - ${at(laid + area.byS)})` }}
            />
            <span className="absolute inset-y-0 w-0.5 bg-ink" style={{ left: at(laid) }} />
            {levelled >= 0 && (
              <span
                className={`absolute inset-y-0 w-1 ${state === 'high-spots' ? 'bg-over' : 'bg-needle'}`}
                style={{ left: at(levelled), transform: 'translateX(-100%)' }}
              />
            )}
          </>
        )}
        {own && state !== 'even' && (
          <span
            className={`absolute right-1 text-note ${state === 'high-spots' ? 'text-over' : 'text-faint'}`}
          >
            {states[state]}
          </span>
        )}
      </div>
    </div>
  )
}

const states: Record<Outcome['state'], string> = {
  bare: phrase('no-coat'),
  even: phrase('even'),
  'high-spots': phrase('high-spots'),
}

const spoken = (area: Outcome, laid: number, levelled: number, state: Outcome['state']) =>
  laid < 0
    ? states.bare
    : levelled < 0
      ? phrase('never-levelled', {
          laid: clock(laid),
          fromS: clock(area.fromS),
          byS: clock(area.byS),
          states: states[state],
        })
      : phrase('laid-at-allowed-to', {
          laid: clock(laid),
          levelled: clock(levelled - laid),
          fromS: clock(area.fromS),
          byS: clock(area.byS),
          states: states[state],
        })
