import { columns, rows } from './model'

/** Cells a hand's breadth around one. */
export function under(cell: number): number[] {
  const row = Math.floor(cell / columns)
  const column = cell % columns
  const cells: number[] = []
  for (let r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r++)
    for (let c = Math.max(0, column - 1); c <= Math.min(columns - 1, column + 1); c++)
      cells.push(r * columns + c)
  return cells
}

/** Cells from one to another in a straight line, the first left out. */
export function line(from: number, to: number): number[] {
  const fromRow = Math.floor(from / columns)
  const toRow = Math.floor(to / columns)
  const steps = Math.max(Math.abs(toRow - fromRow), Math.abs((to % columns) - (from % columns)))
  return Array.from({ length: steps }, (_, i) => {
    const at = (i + 1) / steps
    const row = Math.round(fromRow + (toRow - fromRow) * at)
    const column = Math.round((from % columns) + ((to % columns) - (from % columns)) * at)
    return row * columns + column
  })
}

/** Goes along a line under the hand: each cell once as the hand comes over it. */
export class Stroke {
  private lying = new Set<number>()
  private last: number | undefined

  to(cell: number): number[] {
    const path = this.last === undefined ? [cell] : line(this.last, cell)
    this.last = cell
    const touched: number[] = []
    for (const at of path) {
      const now = new Set(under(at))
      for (const c of now) if (!this.lying.has(c)) touched.push(c)
      this.lying = now
    }
    return touched
  }
}

/** A whole row of the panel and its neighbours, from left to right. */
export const band = (cell: number): number[] => {
  const row = Math.floor(cell / columns)
  const cells: number[] = []
  for (let c = 0; c < columns; c++)
    for (let r = Math.max(0, row - 1); r <= Math.min(rows - 1, row + 1); r++) cells.push(r * columns + c)
  return cells
}
