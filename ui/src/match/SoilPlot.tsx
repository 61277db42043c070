import type { Schemas } from '../api/client'
import { phrase } from './phrase'

const wide = 240
const high = 84
const left = 8
const foot = 16

/** Soil left pass by pass beside what the standard lets stay, its doubt as a band. */
export function SoilPlot({ soil, passes }: { soil: Schemas['SoilView']; passes: number | undefined }) {
  const { after, acceptable } = soil
  const most = after[0]?.high ?? 0
  if (most <= 0) return null
  const last = after.length - 1
  const x = (pass: number) => left + (pass / last) * (wide - 2 * left)
  // The last bit matters most, so the height is the root of what is left.
  const y = (amount: number) => 6 + (1 - Math.sqrt(Math.max(0, amount) / most)) * (high - foot - 6)
  const line = (of: (a: (typeof after)[number]) => number) =>
    after.map((a, i) => `${i === 0 ? 'M' : 'L'}${x(a.pass)} ${y(of(a))}`).join('')
  const back = [...after].reverse().map((a) => `L${x(a.pass)} ${y(a.low)}`)
  const said =
    passes === undefined ? phrase('the-soil-does-not-come') : phrase('the-soil-is-down-to', { passes })
  return (
    <figure className="grid gap-1">
      <figcaption className="narrow text-note font-semibold text-faint">
        {phrase('soil-left-pass-by-pass')}
      </figcaption>
      <svg viewBox={`0 0 ${wide} ${high}`} role="img" aria-label={said} className="w-full">
        <rect
          x={left}
          y={y(acceptable)}
          width={wide - 2 * left}
          height={high - foot - y(acceptable)}
          fill="var(--tune)"
          fillOpacity="0.26"
        />
        <path d={line((a) => a.high) + back.join('') + 'Z'} fill="var(--needle)" fillOpacity="0.18" />
        <path d={line((a) => a.likely)} fill="none" stroke="var(--needle)" strokeWidth="2" />
        {after.map((a) => (
          <g key={a.pass}>
            <circle
              cx={x(a.pass)}
              cy={y(a.likely)}
              r="3"
              fill={a.likely <= acceptable ? 'var(--tune)' : 'var(--needle)'}
            />
            <text x={x(a.pass)} y={high - 3} textAnchor="middle" fontSize="11" fill="var(--faint)">
              {a.pass}
            </text>
          </g>
        ))}
        <path d={`M${left} ${y(acceptable)}H${wide - left}`} stroke="var(--tune)" strokeWidth="1.5" />
        <text x={wide - left} y={y(acceptable) - 4} textAnchor="end" fontSize="11" fill="var(--ink)">
          {phrase('clean-enough')}
        </text>
      </svg>
    </figure>
  )
}
