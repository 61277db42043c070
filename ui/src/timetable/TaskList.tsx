import { Pin } from 'lucide-react'
import { dayOf, lasting, timeOf } from '../parts/words'
import { what } from './Lanes'
import { minutesBetween, type Table } from './layout'

/** The timetable as a list, day by day: for a phone, for paper, for who hears it. */
export function TaskList({ table, onPick }: { table: Table; onPick: (taskId: string) => void }) {
  const names = new Map(table.lanes.map((l) => [l.id, l.label]))
  const days = [...new Set(table.tasks.map((t) => t.start.slice(0, 10)))]
  return (
    <div className="grid gap-4">
      {days.map((day) => (
        <section key={day} aria-label={dayOf(`${day}T12:00:00`)} className="lying">
          <h2 className="px-3 pt-2 text-do">{dayOf(`${day}T12:00:00`)}</h2>
          <ol className="divide-y divide-line">
            {table.tasks
              .filter((t) => t.start.startsWith(day))
              .map((t) => (
                <li key={t.id}>
                  <button
                    type="button"
                    onClick={() => onPick(t.id)}
                    className={`grid min-h-11 w-full grid-cols-[4rem_1fr] gap-x-2 px-3 py-1.5 text-left ${t.person ? '' : 'text-faint'}`}
                  >
                    <span>
                      {timeOf(t.start)}
                      <span className="block text-note text-faint">
                        {lasting(minutesBetween(t.start, t.end) * 60)}
                      </span>
                    </span>
                    <span>
                      <span className="font-semibold">{what(t)}</span>
                      {t.where && ` ${t.where}`}
                      {t.pinned && <Pin size={14} className="ml-1 inline" aria-label="kept there by hand" />}
                      <span className="block text-note text-faint">
                        {[
                          t.person ? table.lanes.length > 1 && names.get(t.person) : 'nobody needed',
                          t.with,
                          t.wipeBy && `wipe by ${timeOf(t.wipeBy)}`,
                        ]
                          .filter(Boolean)
                          .join(' · ')}
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
