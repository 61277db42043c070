import { useQuery } from '@tanstack/react-query'
import { coatWorkQuery, referenceQuery } from '../api/queries'
import { Loading, Trouble } from '../parts/Notice'
import { Facts } from './AskCard'
import { MastersCourse } from './CoatResult'
import type { Lesson } from './words'
import { phrase } from './phrase'

/** A coating laid by a master, area by area over its time. */
export function MastersCoat({ lesson, seed }: { lesson: Lesson; seed: number }) {
  const work = useQuery(coatWorkQuery(lesson.id, seed, lesson.level))
  const reference = useQuery(referenceQuery(lesson.id, seed, lesson.level))
  const error = work.error ?? reference.error
  if (error) return <Trouble error={error} again={() => void work.refetch()} />
  const coat = reference.data?.coat
  if (!work.data || !coat) return <Loading what={phrase('fetching-an-example')} />
  return (
    <section
      aria-label={phrase('a-master-lays-it')}
      className="lying grid gap-4 p-3 md:grid-cols-[minmax(0,1fr)_20rem]"
    >
      <MastersCourse coat={coat} />
      <div className="grid content-start gap-3">
        <h2 className="text-do">{phrase('a-master-lays-it')}</h2>
        <Facts facts={work.data.facts} />
      </div>
    </section>
  )
}
