import { Columns2, Minus, Plus } from 'lucide-react'
import type { Schemas } from '../api/client'
import { Button, Field, OneOf, Pick } from '../parts/controls'
import { isState, StateMark } from '../parts/Glyph'
import { Trouble } from '../parts/Notice'
import { lasting, plural, Say, say } from '../parts/words'
import { Rule, type Hold } from './Rule'
import { Keep } from './Keep'
import { Remedies } from './Remedies'
import type { useDecisions } from './useDecisions'
import { useNeedles, type Needles } from './useNeedles'

type Match = Schemas['MatchView']
type Scale = Schemas['ScaleReading']

/** The tuning rack of a surface, with its needles to hold. */
export function Rack(props: {
  id: string
  revision: number
  match: Match
  chosen: Schemas['Reading']
  decisions: ReturnType<typeof useDecisions>
  inHand: ReturnType<typeof useNeedles>
  onCompare?: () => void
}) {
  const { match } = props
  const { needles, moved, reading, error, move, reset } = props.inHand
  const cleaner = match.cleaners.find((c) => c.id === needles.cleanerId)
  const outcome = isState(reading.outcome) ? reading.outcome : 'unknown'
  const bite = reading.passes === undefined ? 'never gets there' : plural(reading.passes, 'pass', 'passes')

  const worst = reading.reasons.find((r) => r.text === reading.sentence)
  const more = reading.reasons.filter((r) => r !== worst)

  return (
    <section aria-label="Tuning rack" className="lying p-3">
      <div className="flex flex-wrap items-start justify-between gap-2">
        <div aria-live="polite" data-testid="answer">
          <StateMark state={outcome} />
          <p className="text-do font-semibold">{reading.sentence}</p>
          {worst && <p className="text-note text-faint">set by {say(worst.setBy)}</p>}
        </div>
        {props.onCompare && (
          <Button onClick={props.onCompare} className="px-3">
            <Columns2 size={16} aria-hidden="true" /> Put beside
          </Button>
        )}
      </div>
      <div className="mt-2">
        <Keep
          reading={reading}
          moved={moved}
          byHand={match.byHand}
          decisions={props.decisions}
          onReset={reset}
        />
      </div>
      <div className="mt-3 grid gap-3 sm:grid-cols-2">
        <Field label="Cleaner">
          <Pick
            label="Cleaner"
            value={needles.cleanerId ?? 'dry'}
            options={[
              { value: 'dry', label: 'None, dry' },
              ...match.cleaners.map((c) => ({ value: c.id, label: c.name })),
            ]}
            onChange={(value) => move(withCleaner(match, needles, value))}
          />
        </Field>
        <Dilution cleaner={cleaner} ratio={needles.ratio} onMove={(ratio) => move({ ratio })} />
        <Field label="Tool">
          <Pick
            label="Tool"
            value={needles.toolId}
            options={match.tools.map((t) => ({ value: t.id, label: `${Say(t.name)}, ${t.stiffness}` }))}
            onChange={(toolId) => move({ toolId })}
          />
        </Field>
        <OneOf
          label="Put it on the"
          value={needles.applyTo}
          options={['surface', 'tool', 'cloth'].map((value) => ({ value, label: Say(value) }))}
          onChange={(applyTo) => move({ applyTo })}
        />
        {needles.cleanerId && (
          <OneOf
            label="Warmth"
            value={needles.warmth}
            options={match.warmths.map(({ code }) => ({ value: code, label: Say(code) }))}
            onChange={(warmth) => move({ warmth })}
          />
        )}
      </div>
      <div className="mt-3 border-t border-line">
        {reading.rack.map((scale) => (
          <Rule
            key={scale.scale}
            scale={scale}
            shown={shown(scale, needles, match, bite)}
            hold={hold(scale, needles, match, move)}
          />
        ))}
      </div>
      <p className="mt-2 text-note text-faint">
        {plural(reading.sections, 'section')} of {Math.round(reading.sectionM2 * 100) / 100} m²
        {needles.cleanerId && <>, workable for {lasting(reading.windowS)} before it dries</>}
        {!reading.startAllowed && <strong className="text-over"> · do not start yet</strong>}
      </p>
      {more.length > 0 && (
        <ul className="mt-2 grid gap-1.5" aria-label="Reasons">
          {more.map((r) => (
            <li key={r.code + r.text} className="flex gap-2 border-l-2 border-line pl-2">
              <span>
                {r.text} <span className="text-note text-faint">set by {say(r.setBy)}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
      {moved && ['over', 'barred', 'under', 'unknown'].includes(reading.outcome) && (
        <Remedies
          id={props.id}
          revision={props.revision}
          surfaceId={match.surfaceId}
          needles={needles}
          onTry={move}
        />
      )}
      {error && <Trouble error={error} />}
    </section>
  )
}

/** Through the ratios the label allows, thicker or thinner. */
function Dilution(props: {
  cleaner: Schemas['CleanerOption'] | undefined
  ratio: string
  onMove: (ratio: string) => void
}) {
  const { cleaner, ratio, onMove } = props
  const ratios = cleaner?.ratios ?? []
  const at = ratios.indexOf(ratio)
  const step = (by: number) => {
    const next = ratios[at + by]
    if (next) onMove(next)
  }
  if (ratios.length < 2)
    return (
      <Field label="Dilution">
        <span className="flex min-h-11 items-center">{cleaner ? 'As it comes' : 'No liquid'}</span>
      </Field>
    )
  return (
    <Field label="Dilution">
      <div
        role="spinbutton"
        aria-label="Dilution"
        aria-valuetext={`${ratio}, product to water`}
        aria-valuenow={at}
        aria-valuemin={0}
        aria-valuemax={ratios.length - 1}
        tabIndex={0}
        onKeyDown={(e) => {
          if (e.key === 'ArrowRight' || e.key === 'ArrowUp') step(1)
          else if (e.key === 'ArrowLeft' || e.key === 'ArrowDown') step(-1)
          else return
          e.preventDefault()
        }}
        className="grid grid-cols-[3rem_1fr_3rem] items-center rounded-piece border border-ink/60"
      >
        <Step label="Stronger" disabled={at <= 0} onClick={() => step(-1)}>
          <Minus size={18} aria-hidden="true" />
        </Step>
        <span className="text-center text-do font-semibold">{ratio}</span>
        <Step label="Thinner" disabled={at >= ratios.length - 1} onClick={() => step(1)}>
          <Plus size={18} aria-hidden="true" />
        </Step>
      </div>
    </Field>
  )
}

function Step(props: { label: string; disabled: boolean; onClick: () => void; children: React.ReactNode }) {
  return (
    <button
      type="button"
      tabIndex={-1}
      aria-label={props.label}
      title={props.label}
      disabled={props.disabled}
      onClick={props.onClick}
      className="inline-flex min-h-11 items-center justify-center disabled:opacity-30"
    >
      {props.children}
    </button>
  )
}

function withCleaner(match: Match, needles: Needles, value: string): Partial<Needles> {
  if (value === 'dry')
    return {
      cleanerId: undefined,
      ratio: 'ready',
      dwellS: 0,
      laidGPerM2: 0,
      warmth: 'none',
      applyTo: 'cloth',
    }
  const next = match.cleaners.find((c) => c.id === value)
  const ratios = next?.ratios ?? ['ready']
  const ratio = ratios.includes(needles.ratio)
    ? needles.ratio
    : (ratios[Math.floor(ratios.length / 2)] ?? 'ready')
  return {
    cleanerId: value,
    ratio,
    dwellS: Math.min(next?.dwellMaxS ?? 600, Math.max(next?.dwellMinS ?? 30, needles.dwellS)),
    laidGPerM2: needles.laidGPerM2 || 8,
  }
}

function shown(scale: Scale, needles: Needles, match: Match, bite: string): string {
  switch (scale.scale) {
    case 'ph':
      return scale.valueLow === undefined ? 'not known' : `${scale.valueLow} to ${scale.valueHigh}`
    case 'wetness':
      return `${needles.laidGPerM2} g/m²`
    case 'agitation':
      return match.tools.find((t) => t.id === needles.toolId)?.name ?? ''
    case 'contact':
      return lasting(needles.dwellS)
    case 'warmth':
      return needles.warmth === 'none' ? 'as it is' : say(needles.warmth)
    default:
      return bite
  }
}

function hold(
  scale: Scale,
  needles: Needles,
  match: Match,
  move: (part: Partial<Needles>) => void,
): Hold | undefined {
  switch (scale.scale) {
    case 'wetness':
      return {
        value: needles.laidGPerM2,
        step: 1,
        onMove: (laidGPerM2) => move({ laidGPerM2 }),
        text: `${needles.laidGPerM2} grams a square metre`,
      }
    case 'contact':
      return {
        value: needles.dwellS,
        step: 5,
        onMove: (dwellS) => move({ dwellS }),
        text: lasting(needles.dwellS),
      }
    case 'agitation':
      return {
        value: match.tools.find((t) => t.id === needles.toolId)?.stiffness ?? 0,
        step: 1,
        onMove: (stiffness) => {
          const tool = nearestTool(match, needles.toolId, stiffness)
          if (tool) move({ toolId: tool.id })
        },
        text: match.tools.find((t) => t.id === needles.toolId)?.name ?? '',
      }
    case 'warmth': {
      const now = match.warmths.find((w) => w.code === needles.warmth)?.celsius ?? 20
      return {
        value: now,
        step: 1,
        onMove: (wanted) => {
          const others = match.warmths.filter((w) => (wanted > now ? w.celsius > now : w.celsius < now))
          const off = (w: { celsius: number }) => Math.abs(w.celsius - wanted)
          const next = others.sort((a, b) => off(a) - off(b))[0]
          if (next) move({ warmth: next.code })
        },
        text: needles.warmth === 'none' ? 'as it is' : say(needles.warmth),
      }
    }
    case 'ph':
      return holdPh(scale, needles, match, move)
    default:
      return undefined
  }
}

/** The pH follows the dilution: the needle rests where a ratio of the label comes to. */
function holdPh(
  scale: Scale,
  needles: Needles,
  match: Match,
  move: (part: Partial<Needles>) => void,
): Hold | undefined {
  const cleaner = match.cleaners.find((c) => c.id === needles.cleanerId)
  const now = cleaner?.ratios.indexOf(needles.ratio) ?? -1
  const ph = cleaner?.ph[now]
  if (!cleaner || ph === undefined || cleaner.ratios.length < 2) return undefined
  return {
    value: ph,
    step: 0.1,
    width: { low: scale.valueLow ?? ph, high: scale.valueHigh ?? ph },
    onMove: (wanted) => {
      const others = cleaner.ratios.filter((_, i) => {
        const at = cleaner.ph[i]
        return at !== undefined && (wanted > ph ? at > ph : at < ph)
      })
      const off = (ratio: string) => Math.abs((cleaner.ph[cleaner.ratios.indexOf(ratio)] ?? 0) - wanted)
      const next = others.sort((a, b) => off(a) - off(b))[0]
      if (next) move({ ratio: next })
    },
    text: `pH ${scale.valueLow} to ${scale.valueHigh}, at ${needles.ratio}`,
  }
}

/** The tool nearest in stiffness in the direction moved, so that one arrow key always gets on. */
function nearestTool(match: Match, toolId: string, stiffness: number) {
  const now = match.tools.find((t) => t.id === toolId)?.stiffness ?? 0
  const usable = match.tools.filter(
    (t) => !t.abrasive && (stiffness > now ? t.stiffness > now : t.stiffness < now),
  )
  return usable.sort((a, b) => Math.abs(a.stiffness - stiffness) - Math.abs(b.stiffness - stiffness))[0]
}
