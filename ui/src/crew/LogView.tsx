import { useQuery } from '@tanstack/react-query'
import { Download } from 'lucide-react'
import { useState } from 'react'
import { ButtonLink, Pick } from '../parts/controls'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { when } from '../parts/words'
import { logQuery, membersQuery, type LogKind } from './crewQueries'
import { phrase } from './phrase'

const kinds = {
  'sign-in': phrase('signed-in'),
  'sign-in-failed': phrase('sign-in-failed'),
  'sign-out': phrase('signed-out'),
  refused: phrase('refused'),
  owner: phrase('owner-made-or-reset'),
  secret: phrase('own-passphrase-or-pin'),
  role: phrase('who-works-here'),
  sessions: phrase('sessions-ended'),
  device: phrase('devices'),
  export: phrase('data-taken-out'),
  import: phrase('data-brought-in'),
  backup: phrase('backups'),
  deletion: phrase('customers-deleted'),
  merge: phrase('records-merged'),
  rules: phrase('rules-and-shop'),
  'hand-over': phrase('cars-handed-over'),
  link: phrase('report-links'),
} satisfies Record<LogKind, string>

const any = 'any'

/** What the owner may want to know later: who came in, was refused, took data out or changed a rule. */
export function LogView() {
  const [kind, setKind] = useState<LogKind>()
  const [who, setWho] = useState<string>()
  const members = useQuery(membersQuery)
  const log = useQuery(logQuery(kind, who))
  return (
    <div className="mx-auto grid w-full max-w-4xl content-start gap-4 p-3 md:p-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-head">{phrase('the-log')}</h1>
        <div className="flex flex-wrap gap-2">
          <a
            href="/api/v1/crew/log.csv"
            download
            className="inline-flex min-h-11 items-center gap-2 border border-line-strong bg-paper px-4 font-semibold text-ink no-underline"
          >
            <Download size={18} aria-hidden="true" /> {phrase('as-a-table')}
          </a>
          <ButtonLink to="/shop">{phrase('to-the-shop')}</ButtonLink>
        </div>
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <Pick
          label={phrase('what')}
          value={kind ?? any}
          options={[
            { value: any, label: phrase('everything') },
            ...(Object.keys(kinds) as LogKind[]).map((value) => ({ value, label: kinds[value] })),
          ]}
          onChange={(value) => setKind(value === any ? undefined : (value as LogKind))}
        />
        <Pick
          label={phrase('who')}
          value={who ?? any}
          options={[
            { value: any, label: phrase('everybody') },
            ...(members.data ?? []).map((m) => ({ value: m.name, label: m.name })),
          ]}
          onChange={(value) => setWho(value === any ? undefined : value)}
        />
      </div>
      {log.isPending && <Loading what={phrase('fetching-the-log')} />}
      {log.isError && <Trouble error={log.error} again={() => void log.refetch()} />}
      {log.data?.length === 0 && <Empty title={phrase('nothing-of-that-kind-yet')} />}
      {log.data && log.data.length > 0 && (
        <ul className="lying divide-y divide-line">
          {log.data.map((line, i) => (
            <li key={i} className="grid gap-x-4 px-3 py-2 sm:grid-cols-[9rem_10rem_1fr]">
              <span className="text-note text-faint">{when(line.at)}</span>
              <span className="font-semibold">{line.who}</span>
              <span>
                {line.words}
                {line.about && <span className="block text-note text-faint">{line.about}</span>}
              </span>
            </li>
          ))}
        </ul>
      )}
      <p className="text-note text-faint">{phrase('the-latest-200-are-shown')}</p>
    </div>
  )
}
