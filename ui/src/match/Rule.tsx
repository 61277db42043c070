import { Slider } from 'radix-ui'
import type { Schemas } from '../api/client'
import { isState, StateMark } from '../parts/Glyph'
import { say } from '../parts/words'
import { phrase } from './phrase'

type Scale = Schemas['ScaleReading']

export type Hold = {
  /** Where the needle is held now; the answer to it may still be on its way. */
  value: number
  /** Steps the needle rests at. */
  step: number
  onMove: (value: number) => void
  /** How far the value may be off, drawn as wide. */
  width?: { low: number; high: number }
  /** What the value means, read out with it. */
  text: string
}

export const scaleNames: Record<Schemas['ScaleReading']['scale'], string> = {
  ph: phrase('effective-ph'),
  wetness: phrase('wetness'),
  agitation: phrase('agitation'),
  contact: phrase('contact'),
  warmth: phrase('warmth'),
  action: phrase('action'),
}

/** Percent of a rule two numbers need between them. */
const apart = 5

const tenth = (v: number) => Math.round(v * 10) / 10

/** What the soil needs and the finish stands, each with whose limit it is. */
function bounds(scale: Scale, limited: boolean): string {
  const bare = scale.unit === 'pH' || scale.scale === 'agitation' // the rule's own name says it
  const amount = (value: number) => (bare ? String(tenth(value)) : `${tenth(value)} ${scale.unit}`)
  const { need, limitWhy } = scale
  const needs =
    need !== undefined &&
    need > scale.axisLow &&
    phrase('needs', { need: limited ? tenth(need) : amount(need) })
  const why = ['finish', 'label', 'modifier'].includes(scale.limitSetBy)
    ? limitWhy
    : phrase('by', { limitWhy, limitSetBy: say(scale.limitSetBy) })
  const high = amount(scale.limitHigh)
  const stands =
    limited &&
    (scale.limitLow > scale.axisLow
      ? phrase('stands-from', { low: tenth(scale.limitLow), high, why })
      : phrase('stands-to', { high, why }))
  return [needs, stands].filter(Boolean).join(' · ')
}

/** A rung of the ladder where it would stand on a rule. */
export type Ghost = { rung: number; value: number }

/** One scale of the rack: a straight rule with what the soil needs, what the finish stands, and the needle. */
export function Rule(props: { scale: Scale; shown: string; hold?: Hold; ghosts?: Ghost[] }) {
  const { scale, shown, hold, ghosts = [] } = props
  const span = scale.axisHigh - scale.axisLow
  const at = (value: number) => Math.min(100, Math.max(0, ((value - scale.axisLow) / span) * 100))
  const state = isState(scale.state) ? scale.state : 'unknown'
  const limited = scale.scale !== 'action'
  const name = scaleNames[scale.scale]
  return (
    <div
      className="grid grid-cols-[1fr_auto] items-center gap-x-3 border-b border-line sm:grid-cols-[6.5rem_1fr_7rem]"
      data-scale={scale.scale}
      data-state={state}
    >
      <h3 className="narrow leading-tight font-semibold">
        {name}
        {scale.unit !== 'pH' && <span className="font-normal text-faint"> {scale.unit}</span>}
      </h3>
      <div className="relative order-last col-span-2 h-11 sm:order-none sm:col-span-1">
        <Bands scale={scale} at={at} limited={limited} />
        {hold?.width && (
          <span
            aria-hidden="true"
            className="absolute top-2 block h-4 bg-needle/35"
            style={{
              left: `${at(hold.width.low)}%`,
              width: `${Math.max(0.5, at(hold.width.high) - at(hold.width.low))}%`,
            }}
          />
        )}
        <Ghosts ghosts={ghosts} at={at} needle={hold?.value ?? scale.valueLow} />
        {hold ? (
          <Slider.Root
            className="absolute inset-x-0 top-0 flex h-11 touch-none items-center"
            min={scale.axisLow}
            max={scale.axisHigh}
            step={hold.step}
            value={[hold.value]}
            onValueChange={([value]) => value !== undefined && hold.onMove(value)}
          >
            <Slider.Track className="h-11 w-full cursor-ew-resize" />
            <Slider.Thumb aria-label={name} aria-valuetext={hold.text} className="block h-11 w-8 cursor-grab">
              <Wedge />
            </Slider.Thumb>
          </Slider.Root>
        ) : (
          <Fixed scale={scale} at={at} />
        )}
      </div>
      <div className="grid justify-items-end text-right">
        <span className="narrow leading-tight font-semibold">{shown}</span>
        {state !== 'in-tune' && <StateMark state={state} />}
      </div>
      <p className="order-last col-span-2 -mt-1 pb-1 text-fine text-faint sm:col-start-2">
        {bounds(scale, limited)}
      </p>
    </div>
  )
}

/** The rungs above, numbered where they would stand apart from the needle; those at one place share it. */
function Ghosts(props: { ghosts: Ghost[]; at: (v: number) => number; needle?: number }) {
  const { ghosts, at, needle } = props
  const held = needle === undefined ? -1 : Math.round(at(needle) / apart) * apart
  const places = new Map<number, number[]>()
  for (const { rung, value } of ghosts) {
    const place = Math.round(at(value) / apart) * apart
    if (place === held) continue
    places.set(place, [...(places.get(place) ?? []), rung])
  }
  return [...places].map(([place, rungs]) => (
    <span
      key={place}
      aria-hidden="true"
      className="absolute top-[1.05rem] z-[1] -translate-x-1/2 rounded-full border border-ink bg-paper px-1 text-fine leading-4 tabular-nums"
      style={{ left: `${place}%` }}
    >
      {rungs.join('·')}
    </span>
  ))
}

function Bands({ scale, at, limited }: { scale: Scale; at: (v: number) => number; limited: boolean }) {
  const needTo = scale.need === undefined ? (scale.state === 'under' ? 100 : 0) : at(scale.need)
  const low = at(scale.limitLow)
  const high = limited ? at(scale.limitHigh) : 100
  const ticks = Array.from({ length: 11 }, (_, i) => i * 10)
  return (
    <svg
      className="absolute inset-x-0 top-2 h-7 w-full"
      preserveAspectRatio="none"
      viewBox="0 0 100 28"
      aria-hidden="true"
    >
      <rect x="0" y="0" width="100" height="16" fill="var(--paper)" />
      <rect x={low} y="0" width={Math.max(0, high - low)} height="16" fill="var(--tune)" fillOpacity="0.14" />
      <rect
        x={at(scale.routineLow)}
        y="0"
        width={Math.max(0, (limited ? at(scale.routineHigh) : 100) - at(scale.routineLow))}
        height="16"
        fill="var(--tune)"
        fillOpacity="0.26"
      />
      {low > 0 && <Hatch from={0} to={low} kind="beyond" />}
      {high < 100 && <Hatch from={high} to={100} kind="beyond" />}
      {needTo > 0 && <Hatch from={0} to={needTo} kind="need" />}
      <rect
        x="0"
        y="0"
        width="100"
        height="16"
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1"
        vectorEffect="non-scaling-stroke"
      />
      {ticks.map((x) => (
        <path
          key={x}
          d={`M${x} 16V${x % 50 === 0 ? 23 : 20}`}
          stroke="var(--ink)"
          strokeOpacity="0.6"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {limited && high < 100 && <Mark x={high} colour="var(--over)" />}
      {low > 0 && <Mark x={low} colour="var(--over)" />}
      {needTo > 0 && needTo < 100 && <Mark x={needTo} colour="var(--under)" />}
    </svg>
  )
}

const Mark = ({ x, colour }: { x: number; colour: string }) => (
  <path d={`M${x} 0V23`} stroke={colour} strokeWidth="2.5" vectorEffect="non-scaling-stroke" />
)

/** Drawn as strokes of their own, since a pattern would be stretched with the rule. */
function Hatch({ from, to, kind }: { from: number; to: number; kind: 'need' | 'beyond' }) {
  const lines: string[] = []
  for (let x = from; x < to; x += 1.6) {
    const end = Math.min(to, x + 1.6)
    lines.push(kind === 'need' ? `M${x} 16L${end} 0` : `M${x} 0L${end} 16`)
  }
  return (
    <path
      d={lines.join('')}
      stroke={kind === 'need' ? 'var(--under)' : 'var(--over)'}
      strokeOpacity="0.6"
      vectorEffect="non-scaling-stroke"
    />
  )
}

const Wedge = () => (
  <svg viewBox="0 4 32 44" width="32" height="44" aria-hidden="true">
    <path d="M16 27L7 3H25Z" fill="var(--needle)" stroke="var(--paper)" strokeWidth="1.5" />
    <path d="M16 27V36" stroke="var(--needle)" strokeWidth="2" />
  </svg>
)

/** A needle that is not held here; as wide as its doubt. */
function Fixed({ scale, at }: { scale: Scale; at: (v: number) => number }) {
  if (scale.valueLow === undefined || scale.valueHigh === undefined)
    return <p className="absolute inset-x-0 top-2 text-center text-note">{phrase('not-known-measure-it')}</p>
  const low = at(scale.valueLow)
  const high = at(scale.valueHigh)
  return (
    <span
      className="absolute top-0 block h-9 transition-[left] duration-100"
      style={{ left: `calc(${low}% - 8px)`, width: `calc(${Math.max(0, high - low)}% + 16px)` }}
      aria-hidden="true"
    >
      <svg viewBox="0 0 20 36" width="100%" height="36" preserveAspectRatio="none">
        <path d="M10 27L1 4H19Z" fill="var(--needle)" />
        <path d="M10 27V35" stroke="var(--needle)" strokeWidth="2" vectorEffect="non-scaling-stroke" />
      </svg>
    </span>
  )
}
