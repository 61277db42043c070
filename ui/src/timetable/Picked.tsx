import { useState } from 'react'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { timeOf, when, worked, placed } from '../parts/words'
import type { Schemas } from '../api/client'
import type { Block, Table } from './layout'
import { useTimetable } from './useTimetable'
import { listed, allOf } from '../words/lists'
import { phrase } from './phrase'

const headOf = (block: Block) => (block.where ? placed(block.where, block.what.toLowerCase()) : block.what)

/** The picked block opened into its steps, and its start to be changed without dragging. */
export function Picked({
  jobId,
  table,
  block,
  labels,
  onMove,
}: {
  jobId: string
  table: Table
  block: Block
  labels: Record<string, string>
  onMove: (id: string, start: string) => void
}) {
  const [time, setTime] = useState(block.start.slice(11, 16))
  const { release } = useTimetable(jobId)
  return (
    <section aria-label={phrase('picked-block')} className="lying grid gap-2 p-3">
      <div>
        <h2 className="text-do">{headOf(block)}</h2>
        <p className="text-faint">
          {phrase('from-to-by', {
            start: timeOf(block.start),
            end: timeOf(block.end),
            who: table.lanes.find((l) => l.id === block.person)?.label ?? '',
          })}
        </p>
        {!block.rest && (
          <p>
            {listed(
              phrase('hands-on', { handsMin: worked(Math.round(block.handsMin)) }),
              block.waitMin >= 1 && phrase('standing-by', { waitMin: worked(Math.round(block.waitMin)) }),
            )}
          </p>
        )}
      </div>
      {!block.rest && (
        <p className="text-note text-faint">
          {block.decides ? phrase('later-here-is-later-ready') : phrase('it-has-room-what-comes')}
        </p>
      )}
      {!block.rest && (
        <ol className="grid gap-1 border-t border-line pt-2">
          {block.rounds.map((round) => (
            <Step key={round.id} round={round} labels={labels} alone={block.rounds.length === 1} />
          ))}
        </ol>
      )}
      {!block.rest && (
        <form
          className="flex items-end gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            onMove(block.id, `${block.start.slice(0, 10)}T${time}:00`)
          }}
        >
          <TextField label={phrase('start-at')} type="time" value={time} onChange={setTime} required />
          <Button type="submit">{phrase('see-what-it-pushes')}</Button>
        </form>
      )}
      {block.pinned && (
        <Button disabled={release.isPending} onClick={() => release.mutate(block.id)}>
          {phrase('put-it-back-where-it')}
        </Button>
      )}
      {release.error && <Trouble error={release.error} />}
    </section>
  )
}

const MOST_NAMED = 3

function Step({
  round,
  labels,
  alone,
}: {
  round: Schemas['RoundView']
  labels: Record<string, string>
  alone: boolean
}) {
  const names = round.surfaceIds.map((id) => labels[id] ?? id)
  return (
    <li className="leading-tight">
      {!alone && (
        <span className="font-semibold">
          {timeOf(round.start)} {round.what}
        </span>
      )}
      {round.with && <span className="block">{round.with}</span>}
      <span className="block text-note text-faint">
        {names.length <= MOST_NAMED ? (
          allOf(names)
        ) : (
          <details>
            <summary className="min-h-6 cursor-pointer">
              {phrase('panels-in-this-order', { names: names.length })}
            </summary>
            {allOf(names)}
          </details>
        )}
      </span>
    </li>
  )
}

/** What a move would do, before it is kept. */
export function Tried({
  jobId,
  tried,
  block,
  start,
  onDone,
}: {
  jobId: string
  tried: Schemas['MoveView']
  block: Block
  start: string
  onDone: () => void
}) {
  const { move } = useTimetable(jobId)
  const most = 5
  return (
    <section
      aria-label={phrase('what-the-move-does')}
      aria-live="polite"
      className={`lying grid gap-2 border-l-4 p-3 ${tried.possible ? 'border-l-needle' : 'border-l-over'}`}
    >
      <h2 className="text-do">{phrase('at', { block: headOf(block), start: timeOf(start) })}</h2>
      {!tried.possible && (
        <>
          <p className="font-semibold text-over">{phrase('it-cannot-be-there')}</p>
          <ul className="list-disc pl-5">
            {tried.why.map((text) => (
              <li key={text}>{text}</li>
            ))}
          </ul>
        </>
      )}
      {tried.possible && (
        <>
          <p>{phrase('ready-told', { readyAt: when(tried.timetable.readyAt) })}</p>
          {tried.pushed.length === 0 && <p>{phrase('nothing-else-moves')}</p>}
          <ul className="text-note">
            {tried.pushed.slice(0, most).map((p) => (
              <li key={p.taskId}>
                {phrase('named-from-to', { label: p.label, from: timeOf(p.from), to: timeOf(p.to) })}
              </li>
            ))}
            {tried.pushed.length > most && (
              <li>{phrase('and-more', { pushed: tried.pushed.length - most })}</li>
            )}
          </ul>
        </>
      )}
      <div className="flex flex-wrap gap-2">
        {tried.possible && (
          <Button
            weight="main"
            disabled={move.isPending}
            onClick={() => move.mutate({ taskId: block.id, start }, { onSuccess: onDone })}
          >
            {phrase('keep-it-there')}
          </Button>
        )}
        <Button onClick={onDone}>{tried.possible ? phrase('back-as-it-was') : phrase('back')}</Button>
      </div>
      {move.error && <Trouble error={move.error} />}
    </section>
  )
}
