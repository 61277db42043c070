import { Button } from '../parts/controls'
import { useAnswers, useRefused } from './useAnswers'
import type { Lesson } from './words'
import { phrase } from './phrase'

/** Says which answers were not counted, and why, until it is read. */
export function NotCounted({ lessons }: { lessons: Lesson[] }) {
  useAnswers() // what waits is sent as soon as somebody comes to practise
  const { refused, broken, forget } = useRefused()
  if (refused.length === 0 && !broken) return null
  return (
    <section
      aria-label={phrase('not-counted')}
      role="status"
      className="lying grid gap-2 border-l-4 border-l-care p-3"
    >
      {refused.length > 0 && (
        <>
          <p className="font-semibold">
            {phrase('answers-not-counted-the-others', { refused: refused.length })}
          </p>
          <ul className="list-[square] pl-5 text-note">
            {refused.map(({ lesson, why }, i) => (
              <li key={i}>
                {lessons.find((l) => l.id === lesson)?.title ?? lesson}: {why}
              </li>
            ))}
          </ul>
        </>
      )}
      {broken && <p>{phrase('what-waited-on-this-device')}</p>}
      <Button className="justify-self-start" onClick={forget}>
        {phrase('noted')}
      </Button>
    </section>
  )
}
