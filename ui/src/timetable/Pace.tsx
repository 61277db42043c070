import { timeOf } from '../parts/words'
import { said } from './Lanes'
import type { Table } from './layout'

/** The leapfrog of a coating: lay, wipe from, wipe by, area by area. */
export function Pace({ table, onPick }: { table: Table; onPick: (taskId: string) => void }) {
  const laid = table.tasks.filter((t) => t.step === 'coat' && t.wipeBy)
  if (laid.length === 0) return null
  return (
    <details className="lying p-3">
      <summary className="cursor-pointer py-2 text-do font-semibold">
        Coating pace, {laid.length} areas
      </summary>
      <table className="w-full text-left">
        <thead className="text-note text-faint">
          <tr>
            <th scope="col">Area</th>
            <th scope="col">Lay</th>
            <th scope="col">Wipe from</th>
            <th scope="col">by</th>
          </tr>
        </thead>
        <tbody>
          {laid.map((t) => (
            <tr key={t.id} className="border-t border-line">
              <th scope="row" className="font-normal">
                <button type="button" className="min-h-11 text-left underline" onClick={() => onPick(t.id)}>
                  {t.where ?? said(t)}
                </button>
              </th>
              <td>{timeOf(t.start)}</td>
              <td>{t.wipeFrom && timeOf(t.wipeFrom)}</td>
              <td className="font-semibold">{t.wipeBy && timeOf(t.wipeBy)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-note">
        Late? A little fresh coating on the pad melts it again: wipe at once, then check with the lamp. What
        has cured on hide stays; do not scrub it.
      </p>
    </details>
  )
}
