import { useQuery } from '@tanstack/react-query'
import { useRef, useState, type KeyboardEvent } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'
import { matrixQuery } from '../api/queries'
import { OneOf } from '../parts/controls'
import { GlyphForm, type State } from '../parts/Glyph'
import { useJob } from '../parts/useJob'
import { Loading, PageTrouble } from '../parts/Notice'
import { WhyAnswer } from './Why'
import { linkTo } from '../parts/drawn'
import { placed } from '../parts/words'
import { phrase } from './phrase'

const letters: Record<string, { state: State; says: string }> = {
  d: { state: 'in-tune', says: phrase('is-used') },
  w: { state: 'nothing-to-clean', says: phrase('would-do') },
  u: { state: 'under', says: phrase('too-weak') },
  o: { state: 'over', says: phrase('more-than-it-stands') },
  b: { state: 'barred', says: phrase('barred') },
  '?': { state: 'unknown', says: phrase('not-known') },
}
const nothing = phrase('not-asked-for')

const kinds = [
  { value: 'cleaner', label: phrase('cleaners') },
  { value: 'finish', label: phrase('finishing') },
  { value: 'tool', label: phrase('tools') },
]

/** Shelf by panels: every cell says whether it would do there, and why. */
export function MatrixView() {
  const job = useJob()
  const matrix = useQuery(matrixQuery(job.id))
  const [search] = useSearchParams()
  const [picked, setKind] = useState<string>()
  const [moved, setAt] = useState<{ row: number; column: number }>()
  const navigate = useNavigate()
  const grid = useRef<HTMLTableElement>(null)
  if (matrix.isPending) return <Loading what={phrase('fetching-the-shelf-by-panels')} />
  if (matrix.isError) return <PageTrouble error={matrix.error} again={() => void matrix.refetch()} />
  const { items, surfaces, cells } = matrix.data
  const wanted = items.find((item) => item.id === search.get('item'))
  const kind = picked ?? wanted?.kind ?? 'cleaner'
  const rows = items.map((item, i) => ({ item, i })).filter(({ item }) => item.kind === kind)
  const first = Math.max(0, picked ? 0 : rows.findIndex(({ item }) => item === wanted))
  const at = moved ?? { row: first, column: 0 }
  const focus = (row: number, column: number) => {
    const to = {
      row: Math.min(rows.length - 1, Math.max(0, row)),
      column: Math.min(surfaces.length - 1, Math.max(0, column)),
    }
    setAt(to)
    grid.current?.querySelector<HTMLElement>(`[data-cell="${to.row}-${to.column}"]`)?.focus()
  }
  const onKey = (e: KeyboardEvent) => {
    const moves: Record<string, [number, number]> = {
      ArrowUp: [at.row - 1, at.column],
      ArrowDown: [at.row + 1, at.column],
      ArrowLeft: [at.row, at.column - 1],
      ArrowRight: [at.row, at.column + 1],
      Home: [at.row, 0],
      End: [at.row, surfaces.length - 1],
      PageUp: [0, at.column],
      PageDown: [rows.length - 1, at.column],
    }
    const move = moves[e.key]
    if (!move) return
    e.preventDefault()
    focus(...move)
  }
  const shownRow = rows[Math.min(at.row, rows.length - 1)]
  const shownSurface = surfaces[at.column]
  const toPanel = linkTo(`/jobs/${job.id}/match/${shownSurface?.id}`)
  return (
    <div className="grid flex-1 content-start gap-3 p-2 md:p-4 xl:grid-cols-[minmax(0,1fr)_24rem]">
      <section aria-label={phrase('shelf-by-panels')} className="grid min-w-0 content-start gap-2">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <h2 className="text-head">{phrase('shelf-by-panels')}</h2>
          <OneOf
            label={phrase('of-the-shelf')}
            value={kind}
            options={kinds}
            onChange={(k) => {
              setKind(k)
              setAt({ row: 0, column: 0 })
            }}
          />
        </div>
        <Key />
        <div className="lying max-h-[70dvh] overflow-auto">
          <table
            ref={grid}
            role="grid"
            aria-label={phrase('by-panels', { label: String(kinds.find((k) => k.value === kind)?.label) })}
            aria-rowcount={rows.length + 1}
            aria-colcount={surfaces.length + 1}
            onKeyDown={onKey}
            className="border-separate border-spacing-0"
          >
            <thead>
              <tr>
                <td className="sticky top-0 left-0 z-20 border-b border-line bg-paper" />
                {surfaces.map((s, column) => (
                  <th
                    key={s.id}
                    scope="col"
                    className={`sticky top-0 z-10 min-w-8 border-b border-line bg-paper p-0 align-bottom ${column === at.column ? 'text-needle' : ''}`}
                  >
                    <span className="narrow block h-48 w-8 rotate-180 overflow-hidden py-1 text-left text-note font-semibold text-ellipsis whitespace-nowrap [writing-mode:vertical-rl]">
                      {s.label}
                    </span>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.map(({ item, i }, row) => (
                <tr key={item.id}>
                  <th
                    scope="row"
                    className={`narrow sticky left-0 z-10 max-w-56 min-w-40 border-b border-line bg-paper px-2 text-left text-note font-semibold ${row === at.row ? 'text-needle' : ''}`}
                  >
                    {item.label}
                  </th>
                  {surfaces.map((s, column) => {
                    const letter = letters[cells[i]?.[column] ?? '-']
                    const here = row === at.row && column === at.column
                    return (
                      <td
                        key={s.id}
                        role="gridcell"
                        data-cell={`${row}-${column}`}
                        tabIndex={here ? 0 : -1}
                        aria-selected={here}
                        aria-label={placed(
                          phrase('item-on-panel', { item: item.label, panel: s.label }),
                          letter?.says ?? nothing,
                        )}
                        onClick={() => focus(row, column)}
                        onFocus={() => setAt({ row, column })}
                        className={`h-8 w-8 cursor-pointer border-b border-line/60 text-center ${here ? 'outline-3 -outline-offset-2 outline-focus' : ''} ${cells[i]?.[column] === 'd' ? 'bg-needle/20' : ''}`}
                      >
                        <svg
                          viewBox="-9 -9 18 18"
                          className={`mx-auto h-4 w-4 ${letter?.state === 'barred' ? 'opacity-45' : ''}`}
                          aria-hidden="true"
                        >
                          {letter ? <GlyphForm state={letter.state} /> : <circle r="1" fill="var(--faint)" />}
                        </svg>
                      </td>
                    )
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <p className="text-note text-faint">{phrase('arrow-keys-go-from-cell')}</p>
      </section>
      {shownRow && shownSurface && (
        <section
          aria-label={phrase('why')}
          className="lying sticky bottom-0 z-30 max-h-[45dvh] content-start overflow-auto p-3 xl:top-2 xl:bottom-auto xl:z-0 xl:max-h-none xl:self-start"
        >
          <h2 className="text-do">{shownRow.item.label}</h2>
          <p className="mb-2 text-faint">
            {phrase.drawn('on-the-panel', {
              label: shownSurface.label,
              a: toPanel,
            })}
          </p>
          <WhyAnswer
            jobId={job.id}
            surfaceId={shownSurface.id}
            itemId={shownRow.item.id}
            onTry={(needles: Schemas['Needles']) =>
              void navigate(
                `/jobs/${job.id}/match/${shownSurface.id}?try=${encodeURIComponent(JSON.stringify(needles))}`,
              )
            }
          />
        </section>
      )}
    </div>
  )
}

/** What the signs mean. */
const Key = () => (
  <ul className="flex flex-wrap gap-x-4 gap-y-1 text-note" aria-label={phrase('signs')}>
    {Object.values(letters).map(({ state, says }) => (
      <li key={state} className="inline-flex items-center gap-1.5">
        <svg viewBox="-9 -9 18 18" width="14" height="14" aria-hidden="true">
          <GlyphForm state={state} />
        </svg>
        {says}
      </li>
    ))}
  </ul>
)
