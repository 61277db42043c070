import { useQuery } from '@tanstack/react-query'
import { learnerQuery } from '../api/queries'
import { works, type Work } from '../practice/words'
import { phrase } from './phrase'

/** Said where who works has not passed what this asks for yet. */
export function NotAlone({ who, needs }: { who: string; needs: Work[] }) {
  const learner = useQuery({ ...learnerQuery(who), enabled: who !== '' && needs.length > 0 })
  const kept = needs.filter((work) => learner.data?.mayNot.includes(work))
  if (kept.length === 0) return null
  return (
    <p className="border-l-4 border-l-care pl-3" role="status">
      <strong>{phrase('not-alone-yet')}</strong>{' '}
      {phrase('has-not-passed-what-the', {
        who,
        kept: kept.map((work) => works[work].toLowerCase()).join(' or '),
      })}
    </p>
  )
}
