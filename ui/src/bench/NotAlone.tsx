import { useQuery } from '@tanstack/react-query'
import { learnerQuery } from '../api/queries'
import { works, type Work } from '../practice/words'

/** Said where who works has not passed what this asks for yet. */
export function NotAlone({ who, needs }: { who: string; needs: Work[] }) {
  const learner = useQuery({ ...learnerQuery(who), enabled: who !== '' && needs.length > 0 })
  const kept = needs.filter((work) => learner.data?.mayNot.includes(work))
  if (kept.length === 0) return null
  return (
    <p className="border-l-4 border-l-care pl-3" role="status">
      <strong>Not alone yet:</strong> {who} has not passed what the shop asks for before somebody may{' '}
      {kept.map((work) => works[work].toLowerCase()).join(' or ')}. Do it beside somebody who has.
    </p>
  )
}
