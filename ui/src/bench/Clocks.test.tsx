// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { BigClock, Clocks } from './Clocks'
import type { BenchTask } from './run'

afterEach(cleanup)

const NOW = new Date('2026-05-04T09:10:00').getTime()
const laid = (id: string, where: string, clockFrom: string, of: Partial<BenchTask> = {}) =>
  ({
    id,
    where,
    title: 'Level',
    step: 'level',
    needsHands: true,
    state: 'waiting',
    clockFrom,
    dwellS: 120,
    wipeByS: 240,
    plannedS: 60,
    late: 'A small damp re-melts it.',
    ...of,
  }) as BenchTask

const late = laid('a', 'Cushion', '2026-05-04T09:05:00')
const due = laid('b', 'Back', '2026-05-04T09:07:30')
const sits = laid('c', 'Bolster', '2026-05-04T09:09:30')
const dries = laid('d', 'Headrest', '2026-05-04T09:09:00', {
  title: 'Drying',
  needsHands: false,
  state: 'running',
  plannedS: 600,
})

describe('many clocks at once', () => {
  it('stand in the order hands are needed, each with its state in words', () => {
    render(<Clocks tasks={[sits, dries, due, late]} now={NOW} onPick={() => undefined} />)
    const shown = screen.getAllByRole('button').map((b) => b.textContent)
    expect(shown).toEqual(['Late+1:00Cushion', 'Wipe now1:30Back', 'Sitting1:30Bolster'])
    expect(screen.getByText(/Waiting by itself/).textContent).toContain('drying, Headrest, 9:00')
  })

  it('bring their step to hand, and leave out the one in hand and what is over', () => {
    const pick = vi.fn()
    const done = { ...due, state: 'done' } as BenchTask
    render(<Clocks tasks={[late, done, sits]} now={NOW} isInHand={(t) => t.id === 'c'} onPick={pick} />)
    expect(screen.getAllByRole('button')).toHaveLength(1)
    fireEvent.click(screen.getByRole('button'))
    expect(pick).toHaveBeenCalledExactlyOnceWith('a')
  })

  it('are nothing where nothing runs', () => {
    const { container } = render(<Clocks tasks={[]} now={NOW} onPick={() => undefined} />)
    expect(container.textContent).toBe('')
  })
})

describe('the clock of the step in hand', () => {
  it('says how long yet, that it is time, and what to do when it is late', () => {
    const { rerender, container } = render(<BigClock task={sits} now={NOW} />)
    expect(container.textContent).toContain('let it flash, do not touch it yet')
    rerender(<BigClock task={due} now={NOW} />)
    expect(screen.getByRole('timer').textContent).toBe('1:30')
    rerender(<BigClock task={late} now={NOW} />)
    expect(screen.getByRole('timer').textContent).toBe('+1:00')
    expect(container.textContent).toContain('A small damp re-melts it.')
  })
})
