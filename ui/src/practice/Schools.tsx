import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { schoolsQuery } from '../api/queries'
import { Button } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import type { Lesson } from './words'
import { strong } from '../parts/drawn'
import { phrase } from './phrase'

/** Right is what the house holds; opened, it tells what other schools would do with the same case. */
export function Schools(props: { lesson: Lesson; seed: number; level: number }) {
  const [open, setOpen] = useState(false)
  if (!open)
    return (
      <Button weight="quiet" className="-ml-4 justify-self-start" onClick={() => setOpen(true)}>
        {phrase('what-another-school-would-do')}
      </Button>
    )
  return <Told {...props} />
}

function Told(props: { lesson: Lesson; seed: number; level: number }) {
  const schools = useQuery(schoolsQuery(props.lesson.id, props.seed, props.level))
  if (schools.isPending) return <Loading what={phrase('fetching-other-schools')} />
  if (schools.error) return <Trouble error={schools.error} again={() => void schools.refetch()} />
  return (
    <section aria-label={phrase('other-schools')} className="lying grid gap-3 p-3">
      <h2 className="text-do">{phrase('what-another-school-would-do')}</h2>
      {schools.data.length === 0 ? (
        <p>{phrase('nothing-else-every-school-of')}</p>
      ) : (
        <>
          <p className="text-note">
            {phrase.drawn('as-the-house-holds-it', { ours: schools.data[0]!.ours, b: strong })}
          </p>
          <ul className="grid gap-3 md:grid-cols-2">
            {schools.data.map((school) => (
              <li key={school.key + school.school} className="border-l-4 border-l-line pl-3">
                <p className="font-semibold">{school.says}</p>
                <p>{school.theirs}</p>
                <p className="text-note text-faint">{sentence(school.question)}</p>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

const sentence = (text: string) => `${text.charAt(0).toUpperCase()}${text.slice(1)}?`
