import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { coatWorkQuery, exerciseQuery, handWorkQuery } from '../api/queries'
import type { Lesson } from './words'

const EXERCISES = 5
const PANELS = 2

/** Fetches what may be asked next while there is a line: at this level, and at those a mark leads to. */
export function useAhead(lesson: Lesson, seed: number, level: number) {
  const client = useQueryClient()
  useEffect(() => {
    if (lesson.kind === 'work') {
      for (let i = 1; i <= PANELS; i++) void client.prefetchQuery(handWorkQuery(lesson.id, seed + i, level))
      return
    }
    if (lesson.kind === 'coat') {
      for (let i = 1; i <= PANELS; i++) void client.prefetchQuery(coatWorkQuery(lesson.id, seed + i, level))
      return
    }
    const levels = [level - 1, level, level + 1].filter((l) => l >= 1 && l <= lesson.level)
    for (let i = 1; i <= EXERCISES; i++)
      for (const l of levels) void client.prefetchQuery(exerciseQuery(lesson.id, seed + i, l))
  }, [client, lesson, seed, level])
}
