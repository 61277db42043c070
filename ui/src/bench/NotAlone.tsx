import { useQuery } from '@tanstack/react-query'
import { learnerQuery } from '../api/queries'
import { works, type Work } from '../practice/words'
import { anyOf } from '../words/lists'
import { strong } from '../parts/drawn'
import { phrase } from './phrase'

/** Said where who works has not passed what this asks for yet. */
export function NotAlone({ who, needs }: { who: string; needs: Work[] }) {
  const learner = useQuery({ ...learnerQuery(who), enabled: who !== '' && needs.length > 0 })
  const kept = needs.filter((work) => learner.data?.mayNot.includes(work))
  if (kept.length === 0) return null
  return (
    <p className="border-l-4 border-l-care pl-3" role="status">
      {phrase.drawn('has-not-passed-what-the', {
        who,
        kept: anyOf(kept.map((work) => works[work].toLowerCase())),
        b: strong,
      })}
    </p>
  )
}
