import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import type { Schemas } from '../api/client'
import { scalesQuery } from '../api/queries'
import { ButtonLink } from '../parts/controls'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { Row, Scale } from '../parts/Scale'
import { atPh, phMarks } from '../parts/phRule'
import { range, Say, say } from '../parts/words'
import { allOf, listed } from '../words/lists'
import { phrase } from './phrase'

type Bottle = Schemas['ScaleView']
type Tool = Schemas['ToolFile']

const stiffMost = 9
/** What is not said of a brush, pad or block is taken as the worst its kind can be. */
const unsaid = 7
const soft = ['cloth', 'waffle-cloth', 'sponge', 'hand', 'applicator']
const kinds = ['cloth', 'waffle-cloth', 'sponge', 'hand', 'brush', 'pad', 'block', 'applicator']

const atStiffness = (stiffness: number) => (100 * stiffness) / stiffMost

/** Every bottle as its pH on one shared rule: what its label's ratios come to, and where it is used. */
export function BottleScales({ fits }: { fits: (text: string) => boolean }) {
  const scales = useQuery(scalesQuery)
  if (scales.isPending) return <Loading what={phrase('fetching-the-shelf')} />
  if (scales.isError) return <Trouble error={scales.error} again={() => void scales.refetch()} />
  if (scales.data.length === 0)
    return (
      <Empty title={phrase('nothing-on-the-shelf-yet')}>
        <p className="text-faint">{phrase('a-bottle-as-its-label')}</p>
        <ButtonLink to="/shelf/products/new" weight="main">
          {phrase('type-one-in')}
        </ButtonLink>
      </Empty>
    )
  const shown = scales.data.filter((b) => fits(`${b.name} ${b.maker ?? ''} ${b.roles.map(say).join(' ')}`))
  const usual = (b: Bottle) => b.ph.find((at) => at.usual)?.low ?? 99
  const byPh = (a: Bottle, b: Bottle) => usual(a) - usual(b)
  const cleans = shown.filter((b) => b.cleans).sort(byPh)
  const stays = shown.filter((b) => !b.cleans)
  return (
    <div className="grid gap-3">
      <Scale
        label={phrase('takes-soil-off')}
        count={cleans.length}
        unit={phrase('ph-on-the-surface-at')}
        marks={phMarks}
      >
        {cleans.map((bottle) => (
          <Row
            key={bottle.id}
            to={`/shelf/products/${bottle.id}`}
            name={bottle.name}
            note={allOf(bottle.roles.map(say))}
            said={bottleSaid(bottle)}
            end={
              bottle.strength === undefined
                ? phrase('strength-not-said')
                : phrase('strength-of-10', { strength: tenth(bottle.strength) })
            }
          >
            <PhBand bottle={bottle} />
          </Row>
        ))}
      </Scale>
      <section aria-label={phrase('stays-on')} className="lying p-3">
        <h2 className="text-do font-semibold">
          {phrase('stays-on')} <span className="text-body font-normal text-faint">{stays.length}</span>
        </h2>
        <ul className="grid gap-x-6 sm:grid-cols-2 lg:grid-cols-3">
          {stays.map((bottle) => (
            <li key={bottle.id} className="border-b border-line py-1.5 leading-tight">
              <Link
                to={`/shelf/products/${bottle.id}`}
                className="inline-flex min-h-6 items-center font-semibold text-ink"
              >
                {bottle.name}
              </Link>
              <span className="block text-note text-faint">{allOf(bottle.roles.map(say))}</span>
            </li>
          ))}
        </ul>
      </section>
    </div>
  )
}

const tenth = (v: number) => Math.round(v * 10) / 10

function bottleSaid(bottle: Bottle): string {
  const usual = bottle.ph.find((at) => at.usual)
  if (usual?.low === undefined || usual.high === undefined) return phrase('ph-not-known')
  const low = range(tenth(usual.low), tenth(usual.high))
  return usual.ratio === 'ready'
    ? phrase('ph-as-it-comes', { low })
    : phrase('ph-at', { low, ratio: usual.ratio })
}

/** The usual ratio as a block, the label's others as a line to where they come. */
function PhBand({ bottle }: { bottle: Bottle }) {
  const known = bottle.ph.filter((at) => at.low !== undefined && at.high !== undefined)
  const usual = known.find((at) => at.usual)
  if (!usual) return <span className="absolute inset-y-2 w-full hatched" aria-hidden="true" />
  const low = Math.min(...known.map((at) => at.low ?? 7))
  const high = Math.max(...known.map((at) => at.high ?? 7))
  const from = atPh(usual.low ?? 7)
  return (
    <>
      <span aria-hidden="true" className="absolute h-full w-px bg-line" style={{ left: `${atPh(7)}%` }} />
      <span
        aria-hidden="true"
        className="absolute top-1/2 h-0.5 bg-ink/60"
        style={{ left: `${atPh(low)}%`, width: `${atPh(high) - atPh(low)}%` }}
      />
      <span
        aria-hidden="true"
        className="absolute top-1/2 h-4 -translate-y-1/2 bg-needle"
        style={{ left: `${from}%`, width: `max(6px, ${atPh(usual.high ?? 7) - from}%)` }}
      />
    </>
  )
}

/** Every tool where it stands in stiffness; what is not said stands where it is taken to be. */
export function ToolScales({ tools }: { tools: Tool[] }) {
  const scrub = tools.filter((t) => kinds.includes(t.kind)).sort((a, b) => stiffness(a) - stiffness(b))
  const others = tools.filter((t) => !kinds.includes(t.kind))
  return (
    <div className="grid gap-3">
      <Scale
        label={phrase('works-on-the-surface')}
        count={scrub.length}
        unit={phrase('stiffness-0-a-fingertip-3')}
        marks={[0, 1, 2, 3, 4, 5, 6, 7, 8, 9].map((s) => ({ at: atStiffness(s), text: `${s}` }))}
      >
        {scrub.map((tool) => (
          <Row
            key={tool.id}
            to={`/shelf/tools/${tool.id}`}
            name={Say(tool.name)}
            note={toolNote(tool)}
            said={
              isSaid(tool)
                ? phrase('stiffness-of', { stiffness: stiffness(tool) })
                : phrase('not-said-taken-as', { unsaid })
            }
            end={tool.count === undefined ? '' : phrase('here', { count: tool.count })}
          >
            <span
              aria-hidden="true"
              className={`absolute top-1/2 h-5 w-2 -translate-x-1/2 -translate-y-1/2 ${isSaid(tool) ? 'bg-needle' : 'border-2 border-dashed border-needle bg-paper'}`}
              style={{ left: `${atStiffness(stiffness(tool))}%` }}
            />
          </Row>
        ))}
      </Scale>
      {others.length > 0 && (
        <section aria-label={phrase('beside-the-surface')} className="lying p-3">
          <h2 className="text-do font-semibold">
            {phrase('beside-the-surface')}{' '}
            <span className="text-body font-normal text-faint">{others.length}</span>
          </h2>
          <ul className="flex flex-wrap gap-x-6">
            {others.map((tool) => (
              <li key={tool.id}>
                <Link to={`/shelf/tools/${tool.id}`} className="inline-flex min-h-11 items-center text-ink">
                  {Say(tool.name)}
                </Link>
              </li>
            ))}
          </ul>
        </section>
      )}
    </div>
  )
}

const isSaid = (tool: Tool) => tool.stiffness !== undefined || soft.includes(tool.kind)
const stiffness = (tool: Tool) => tool.stiffness ?? (soft.includes(tool.kind) ? 0 : unsaid)

const toolNote = (tool: Tool) =>
  listed(
    say(tool.kind),
    phrase('grain', { reach: say(tool.reach ?? 'fine') }),
    tool.abrasive && phrase('abrasive-within'),
    tool.dyed && phrase('dyed-within'),
  )
