import { Pin } from 'lucide-react'
import { dayOf, timeOf, worked } from '../parts/words'
import { apart } from '../words/lists'
import type { Block, Table } from './layout'
import { phrase } from './phrase'

/** The timetable as a list, day by day: for a phone, for paper, for who hears it. */
export function TaskList({ table, onPick }: { table: Table; onPick: (id: string) => void }) {
  const names = new Map(table.lanes.map((l) => [l.id, l.label]))
  const days = [...new Set(table.blocks.map((b) => b.start.slice(0, 10)))]
  return (
    <div className="grid gap-4">
      {days.map((day) => (
        <section key={day} aria-label={dayOf(`${day}T12:00:00`)} className="lying">
          <h2 className="px-3 pt-2 text-do">{dayOf(`${day}T12:00:00`)}</h2>
          <ol className="divide-y divide-line">
            {table.blocks
              .filter((b) => b.start.startsWith(day))
              .map((b) => (
                <li key={b.id}>
                  <button
                    type="button"
                    onClick={() => onPick(b.id)}
                    className={`grid min-h-11 w-full grid-cols-[4rem_1fr] gap-x-2 px-3 py-1.5 text-left ${b.rest ? 'text-faint' : ''}`}
                  >
                    <span>
                      {timeOf(b.start)}
                      <span className="block text-note text-faint">
                        {worked(Math.round(b.handsMin + b.waitMin))}
                      </span>
                    </span>
                    <span>
                      <span className="font-semibold">{b.where ?? b.what}</span>
                      {b.where && ` ${b.what.toLowerCase()}`}
                      {b.pinned && (
                        <Pin size={14} className="ml-1 inline" aria-label={phrase('kept-there-by-hand')} />
                      )}
                      <span className="block text-note text-faint">
                        {about(b, table.lanes.length > 1 ? names.get(b.person) : undefined)}
                      </span>
                    </span>
                  </button>
                </li>
              ))}
          </ol>
        </section>
      ))}
    </div>
  )
}

function about(block: Block, who: string | undefined) {
  const panels = new Set(block.rounds.flatMap((r) => r.surfaceIds)).size
  const bottles = [...new Set(block.rounds.map((r) => r.with).filter(Boolean))]
  return [
    who,
    panels > 0 && phrase('panels', { panels }),
    block.rounds.length > 1 && phrase('steps', { rounds: block.rounds.length }),
    apart(bottles.slice(0, 2)),
    block.waitMin >= 2 &&
      !block.rest &&
      phrase('of-it-standing-by', { waitMin: worked(Math.round(block.waitMin)) }),
  ]
    .filter(Boolean)
    .join(' · ')
}
