import type { Schemas } from '../api/client'
import type { Cabin } from '../parts/cabin'
import { CabinSheet } from '../parts/CabinSheet'
import { OrderMark } from '../parts/OrderMark'
import { useCabin } from '../parts/useCabin'
import type { Block, Table } from './layout'
import { phrase } from './phrase'

type Stop = { block: Block; number: number; panel: string; at: readonly [number, number] }

/** Where a block is on the drawing: its largest panel. */
function stopOf(block: Block, number: number, cabin: Cabin): Stop | undefined {
  const ids = new Set(block.rounds.flatMap((round) => round.surfaceIds))
  const panel = cabin.panels
    .filter((p) => ids.has(p.id))
    .sort((a, b) => b.areaM2 - a.areaM2)
    .at(0)
  return panel && { block, number, panel: panel.id, at: panel.at as [number, number] }
}

/** The walk round the car as a numbered path: the wet work of the visit, stop by stop. */
export function WalkSheet(props: {
  job: Schemas['JobDetail']
  table: Table
  picked?: string
  onPick: (id: string) => void
}) {
  const cabin = useCabin(props.job)
  if (!cabin.data) return null
  const wet = props.table.blocks.filter(
    (b) => b.rounds.some((r) => r.step === 'clean' || r.step === 'textile') && b.zones.length > 0,
  )
  const stops = wet
    .map((block, i) => stopOf(block, i + 1, cabin.data!))
    .filter((stop): stop is Stop => stop !== undefined)
  if (stops.length < 2) return null
  const byPanel = new Map(stops.map((stop) => [stop.panel, stop]))
  const blockOf = (panel: string) => wet.find((b) => b.rounds.some((r) => r.surfaceIds.includes(panel)))
  const nameOf = (id: string) => props.table.lanes.find((lane) => lane.id === id)?.label ?? id
  const people = [...new Set(stops.map((stop) => stop.block.person))]
  const picked = wet.find((b) => b.id === props.picked)
  return (
    <section
      aria-label={phrase('the-walk')}
      className="lying grid gap-x-4 p-3 lg:grid-cols-[22rem_minmax(0,1fr)] print:break-inside-avoid print:grid-cols-[18rem_minmax(0,1fr)]"
    >
      <h2 className="text-do lg:col-span-2 print:col-span-2">
        {phrase('the-walk-stops', { stops: stops.length })}
      </h2>
      <div className="relative h-72 lg:h-96 print:h-52">
        <CabinSheet
          layout={cabin.data}
          label={phrase('cabin-in-cleaning-order')}
          picked={new Set(picked?.rounds.flatMap((r) => r.surfaceIds))}
          onPick={(id) => {
            const block = blockOf(id)
            if (block) props.onPick(block.id)
          }}
          look={(panel) => {
            const block = blockOf(panel.id)
            const stop = byPanel.get(panel.id)
            return {
              blank: block === undefined,
              state: block ? phrase('stop', { indexOf: wet.indexOf(block) + 1 }) : phrase('not-cleaned'),
              mark: stop && <OrderMark order={stop.number} size={1.6} />,
            }
          }}
          over={people.map((person, i) => (
            <Path key={person} stops={stops.filter((stop) => stop.block.person === person)} second={i > 0} />
          ))}
        />
      </div>
      <div className="grid content-start gap-2">
        {people.map((person, i) => (
          <div key={person}>
            {people.length > 1 && (
              <h3 className="font-semibold">
                {i > 0 ? phrase('dashed', { who: nameOf(person) }) : nameOf(person)}
              </h3>
            )}
            <Stops {...props} stops={stops.filter((stop) => stop.block.person === person)} />
          </div>
        ))}
      </div>
    </section>
  )
}

function Stops({ stops, picked, onPick }: { stops: Stop[]; picked?: string; onPick: (id: string) => void }) {
  return (
    <ol className="grid content-start gap-x-4 self-start sm:grid-cols-2 print:grid-cols-3">
      {stops.map(({ block, number }) => (
        <li key={block.id}>
          <button
            type="button"
            className="min-h-9 w-full text-left leading-tight max-md:min-h-12 print:min-h-6"
            aria-pressed={block.id === picked}
            onClick={() => onPick(block.id)}
          >
            <span className="inline-block w-7 font-semibold">{number}</span>
            {block.where ?? block.what}
            <span className="text-note text-faint">
              {' '}
              {phrase('min', { handsMin: Math.round(block.handsMin) })}
            </span>
          </button>
        </li>
      ))}
    </ol>
  )
}

function Path({ stops, second }: { stops: Stop[]; second: boolean }) {
  return (
    <polyline
      points={stops.map((stop) => stop.at.join(',')).join(' ')}
      fill="none"
      stroke="var(--needle)"
      strokeWidth="6"
      strokeLinejoin="round"
      strokeDasharray={second ? '18 12' : undefined}
      opacity="0.55"
      pointerEvents="none"
    />
  )
}
