import { useQueries } from '@tanstack/react-query'
import { X } from 'lucide-react'
import { api, need, type Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { isState, StateMark } from '../parts/Glyph'
import { lasting, say, range } from '../parts/words'
import { scaleNames } from './Rule'
import { listed } from '../words/lists'
import { bottleWords } from './treatmentWords'
import { phrase } from './phrase'

type Needles = Schemas['Needles']
type Scale = Schemas['ScaleReading']

const most = 4

export const canPut = (beside: Needles[], needles: Needles) =>
  beside.length < most && !beside.some((b) => JSON.stringify(b) === JSON.stringify(needles))

/** Up to four treatments on the same scales: one line a scale, one needle each. */
export function Compare(props: {
  id: string
  revision: number
  surfaceId: string
  beside: Needles[]
  names: Map<string, string>
  onTake: (needles: Needles) => void
  onRemove: (at: number) => void
}) {
  const { id, revision, surfaceId, beside, names } = props
  const read = useQueries({
    queries: beside.map((needles) => ({
      queryKey: ['reading', id, revision, surfaceId, needles],
      queryFn: () =>
        need(
          api.POST('/api/v1/jobs/{id}/surfaces/{surfaceId}/reading', {
            params: { path: { id, surfaceId } },
            body: needles,
          }),
        ),
      staleTime: Infinity,
    })),
  })
  if (beside.length === 0) return null
  const scales = (Object.keys(scaleNames) as Scale['scale'][]).filter((s) =>
    read.some((r) => r.data?.rack.some((x) => x.scale === s)),
  )
  const of = (at: number, scale: string) => read[at]?.data?.rack.find((s) => s.scale === scale)
  return (
    <section aria-label={phrase('side-by-side')} className="lying overflow-x-auto p-3">
      <h2 className="text-do">{phrase('side-by-side')}</h2>
      <table className="mt-2 w-full min-w-[32rem] border-collapse text-left">
        <thead>
          <tr>
            <td className="w-28" />
            {beside.map((n, i) => (
              <Head
                key={i}
                letter={letters[i]!}
                needles={n}
                names={names}
                onRemove={() => props.onRemove(i)}
              />
            ))}
          </tr>
        </thead>
        <tbody>
          <Line title={phrase('answer')}>
            {beside.map((_, i) => {
              const outcome = read[i]?.data?.outcome ?? ''
              return (
                <td key={i} className="border-b border-line p-2">
                  {isState(outcome) && <StateMark state={outcome} />}
                </td>
              )
            })}
          </Line>
          <Line title={phrase('passes')}>
            {beside.map((_, i) => {
              const data = read[i]?.data
              return (
                <td key={i} className="border-b border-line p-2 font-semibold">
                  {data &&
                    (data.passes === undefined
                      ? phrase('never-there')
                      : phrase('passes-counted', { passes: data.passes }))}
                </td>
              )
            })}
          </Line>
          {scales.map((scale) => (
            <Line key={scale} title={scaleNames[scale]}>
              {beside.map((_, i) => {
                const s = of(i, scale)
                return (
                  <td key={i} className="border-b border-line p-2">
                    {s ? <Strip scale={s} /> : <span className="text-faint">–</span>}
                  </td>
                )
              })}
            </Line>
          ))}
          <Line title="">
            {beside.map((n, i) => (
              <td key={i} className="p-2">
                <Button className="px-3" onClick={() => props.onTake(n)}>
                  {phrase('lay')} {letters[i]} {phrase('on-the-rack')}
                </Button>
              </td>
            ))}
          </Line>
        </tbody>
      </table>
    </section>
  )
}

const letters = ['A', 'B', 'C', 'D']

function Head(props: { letter: string; needles: Needles; names: Map<string, string>; onRemove: () => void }) {
  const { letter, needles: n, names } = props
  return (
    <th scope="col" className="border-b border-line p-2 align-bottom font-semibold">
      <span className="flex items-start justify-between gap-1">
        <span>
          {letter}. {bottleWords(n, names)}
          <span className="block text-note font-normal text-faint">
            {listed(
              phrase('got-on-the', { get: names.get(n.toolId) ?? n.toolId, applyTo: n.applyTo }),
              n.warmth !== 'none' && say(n.warmth),
            )}
          </span>
        </span>
        <button
          type="button"
          aria-label={phrase('take-away', { letter })}
          onClick={props.onRemove}
          className="-mt-2 -mr-2 inline-flex min-h-11 min-w-11 items-center justify-center"
        >
          <X size={18} aria-hidden="true" />
        </button>
      </span>
    </th>
  )
}

function Line({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <tr>
      <th scope="row" className="narrow border-b border-line py-2 pr-2 text-note font-semibold text-faint">
        {title}
      </th>
      {children}
    </tr>
  )
}

/** A scale in small: what it stands, what is needed, and the needle, with its value in words. */
function Strip({ scale }: { scale: Scale }) {
  const span = scale.axisHigh - scale.axisLow
  const at = (v: number) => Math.min(100, Math.max(0, ((v - scale.axisLow) / span) * 100))
  const state = isState(scale.state) ? scale.state : 'unknown'
  const low = scale.valueLow === undefined ? undefined : at(scale.valueLow)
  const high = scale.valueHigh === undefined ? undefined : at(scale.valueHigh)
  return (
    <div className="grid gap-0.5">
      <svg viewBox="0 0 100 18" preserveAspectRatio="none" className="h-5 w-full" aria-hidden="true">
        <rect x="0" y="4" width="100" height="10" fill="var(--piece)" />
        <rect
          x={at(scale.limitLow)}
          y="4"
          width={Math.max(0, at(scale.limitHigh) - at(scale.limitLow))}
          height="10"
          fill="var(--tune)"
          fillOpacity="0.35"
        />
        {scale.need !== undefined && scale.need > scale.axisLow && (
          <rect x={at(scale.need)} y="2" width="0.8" height="14" fill="var(--under)" />
        )}
        {low !== undefined && high !== undefined && (
          <rect x={low} y="1" width={Math.max(1.6, high - low)} height="16" fill="var(--needle)" />
        )}
      </svg>
      <span className="flex flex-wrap items-center gap-x-2 text-note">
        {value(scale)}
        {state !== 'in-tune' && <StateMark state={state} />}
      </span>
    </div>
  )
}

function value(scale: Scale): string {
  if (scale.valueLow === undefined || scale.valueHigh === undefined) return phrase('not-known')
  const tenth = (v: number) => Math.round(v * 10) / 10
  if (scale.scale === 'contact') return lasting(scale.valueLow)
  if (scale.valueLow !== scale.valueHigh) return range(tenth(scale.valueLow), tenth(scale.valueHigh))
  return `${tenth(scale.valueLow)} ${scale.scale === 'action' ? phrase('a-pass') : scale.unit}`
}
