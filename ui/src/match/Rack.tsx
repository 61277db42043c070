import { Minus, Plus } from 'lucide-react'
import type { Schemas } from '../api/client'
import { Field, Pick } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { lasting, Say, say, range } from '../parts/words'
import { Rule, type Ghost, type Hold } from './Rule'
import { useNeedles, type Needles } from './useNeedles'
import { listed } from '../words/lists'
import { phrase } from './phrase'

type Match = Schemas['MatchView']
type Scale = Schemas['ScaleReading']

/** What is set: bottle, ratio, tool, where it goes and how warm, on one line. */
export function Controls({ match, inHand }: { match: Match; inHand: ReturnType<typeof useNeedles> }) {
  const { needles, move } = inHand
  const cleaner = match.cleaners.find((c) => c.id === needles.cleanerId)
  return (
    <div className="grid gap-2 sm:grid-cols-2 xl:grid-cols-[1.5fr_9.5rem_1.3fr_7.5rem_8.5rem]">
      <Field label={phrase('cleaner')}>
        <Pick
          label={phrase('cleaner')}
          value={needles.cleanerId ?? 'dry'}
          options={[
            { value: 'dry', label: phrase('none-dry') },
            ...match.cleaners.map((c) => ({ value: c.id, label: c.name })),
          ]}
          onChange={(value) => move(withCleaner(match, needles, value))}
        />
      </Field>
      <Dilution cleaner={cleaner} ratio={needles.ratio} onMove={(ratio) => move({ ratio })} />
      <Field label={phrase('tool')}>
        <Pick
          label={phrase('tool')}
          value={needles.toolId}
          options={match.tools.map((t) => ({ value: t.id, label: listed(Say(t.name), t.stiffness) }))}
          onChange={(toolId) => move({ toolId })}
        />
      </Field>
      <Field label={phrase('put-it-on-the')}>
        <Pick
          label={phrase('put-it-on-the')}
          value={needles.applyTo}
          options={['surface', 'tool', 'cloth'].map((value) => ({ value, label: Say(value) }))}
          onChange={(applyTo) => move({ applyTo })}
        />
      </Field>
      {needles.cleanerId && (
        <Field label={phrase('warmth')}>
          <Pick
            label={phrase('warmth')}
            value={needles.warmth}
            options={match.warmths.map(({ code }) => ({ value: code, label: Say(code) }))}
            onChange={(warmth) => move({ warmth })}
          />
        </Field>
      )}
    </div>
  )
}

/** The rules of a surface with its needles to hold, and the ladder's rungs as ghosts on them. */
export function Rack(props: { match: Match; rungs: Needles[]; inHand: ReturnType<typeof useNeedles> }) {
  const { match } = props
  const { needles, reading, move, error } = props.inHand
  const bite =
    reading.passes === undefined
      ? phrase('never-gets-there')
      : phrase('passes-counted', { passes: reading.passes })
  return (
    <section aria-label={phrase('tuning-rack')} className="lying px-3 pt-1 pb-2">
      {reading.rack.map((scale) => (
        <Rule
          key={scale.scale}
          scale={scale}
          shown={shown(scale, needles, match, bite)}
          hold={hold(scale, needles, match, move)}
          ghosts={ghosts(scale, props.rungs, match)}
        />
      ))}
      <p className="mt-1 text-note text-faint">
        {listed(
          phrase('sections-of-m', {
            sections: reading.sections,
            sectionM2: Math.round(reading.sectionM2 * 100) / 100,
          }),
          needles.cleanerId && phrase('workable-for-before-it-dries', { windowS: lasting(reading.windowS) }),
        )}
        {!reading.startAllowed && <strong className="text-over"> · {phrase('do-not-start-yet')}</strong>}
      </p>
      {error && <Trouble error={error} />}
    </section>
  )
}

/** Where the firmer rungs would stand on a scale; the first is the needle's own place. */
function ghosts(scale: Scale, rungs: Needles[], match: Match): Ghost[] {
  return rungs.flatMap((rung, i) => {
    const value = i === 0 ? undefined : valueOn(scale, rung, match)
    return value === undefined ? [] : [{ rung: i + 1, value }]
  })
}

function valueOn(scale: Scale, rung: Needles, match: Match): number | undefined {
  switch (scale.scale) {
    case 'ph': {
      const cleaner = match.cleaners.find((c) => c.id === rung.cleanerId)
      return cleaner?.ph[cleaner.ratios.indexOf(rung.ratio)]
    }
    case 'wetness':
      return rung.laidGPerM2
    case 'agitation':
      return match.tools.find((t) => t.id === rung.toolId)?.stiffness
    case 'contact':
      return rung.dwellS
    case 'warmth':
      return match.warmths.find((w) => w.code === rung.warmth)?.celsius
    default:
      return undefined
  }
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
      <Field label={phrase('dilution')}>
        <span className="flex min-h-11 items-center">
          {cleaner ? phrase('as-it-comes') : phrase('no-liquid')}
        </span>
      </Field>
    )
  return (
    <Field label={phrase('dilution')}>
      <div
        role="spinbutton"
        aria-label={phrase('dilution')}
        aria-valuetext={phrase('product-to-water', { ratio })}
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
        <Step label={phrase('stronger')} disabled={at <= 0} onClick={() => step(-1)}>
          <Minus size={18} aria-hidden="true" />
        </Step>
        <span className="text-center text-do font-semibold">{ratio}</span>
        <Step label={phrase('thinner')} disabled={at >= ratios.length - 1} onClick={() => step(1)}>
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
      return scale.valueLow === undefined
        ? phrase('not-known')
        : range(scale.valueLow, scale.valueHigh ?? scale.valueLow)
    case 'wetness':
      return `${needles.laidGPerM2} g/m²`
    case 'agitation':
      return match.tools.find((t) => t.id === needles.toolId)?.name ?? ''
    case 'contact':
      return lasting(needles.dwellS)
    case 'warmth':
      return needles.warmth === 'none' ? phrase('as-it-is') : say(needles.warmth)
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
        text: phrase('grams-a-square-metre', { laidGPerM2: needles.laidGPerM2 }),
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
        text: needles.warmth === 'none' ? phrase('as-it-is') : say(needles.warmth),
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
    text: phrase('ph-to-at', {
      valueLow: String(scale.valueLow),
      valueHigh: String(scale.valueHigh),
      ratio: needles.ratio,
    }),
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
