import { useQuery } from '@tanstack/react-query'
import { rightsQuery } from './crewQueries'
import { roles, type Role } from './door'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

const everyone = Object.keys(roles).length

/** The one table of who may do what. */
export function Rights() {
  const rights = useQuery(rightsQuery)
  if (!rights.data) return null
  return (
    <details>
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
        {phrase('who-may-do-what')}
      </summary>
      <dl className="divide-y divide-line">
        {rights.data.map((right) => (
          <div key={right.right} className="py-1.5">
            <dt className="first-letter:uppercase">{right.words}</dt>
            <dd className="text-note text-faint">{named(right.roles)}</dd>
          </div>
        ))}
      </dl>
    </details>
  )
}

const named = (who: Role[]) =>
  who.length === everyone ? phrase('everyone') : allOf(who.map((role) => roles[role]))
