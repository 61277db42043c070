import { useQuery } from '@tanstack/react-query'
import { Download } from 'lucide-react'
import { useState } from 'react'
import { ButtonLink, Pick } from '../parts/controls'
import { Empty, Loading, Trouble } from '../parts/Notice'
import { when } from '../parts/words'
import { logQuery, membersQuery, type LogKind } from './crewQueries'

const kinds = {
  SIGN_IN: 'Signed in',
  SIGN_IN_FAILED: 'Sign-in failed',
  SIGN_OUT: 'Signed out',
  REFUSED: 'Refused',
  OWNER: 'Owner made or reset',
  SECRET: 'Own passphrase or PIN',
  ROLE: 'Who works here',
  SESSIONS: 'Sessions ended',
  DEVICE: 'Devices',
  EXPORT: 'Data taken out',
  IMPORT: 'Data brought in',
  BACKUP: 'Backups',
  DELETION: 'Customers deleted',
  MERGE: 'Records merged',
  RULES: 'Rules and shop',
  HAND_OVER: 'Cars handed over',
  LINK: 'Report links',
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
        <h1 className="text-head">The log</h1>
        <div className="flex flex-wrap gap-2">
          <a
            href="/api/v1/crew/log.csv"
            download
            className="inline-flex min-h-11 items-center gap-2 border border-line-strong bg-paper px-4 font-semibold text-ink no-underline"
          >
            <Download size={18} aria-hidden="true" /> As a table
          </a>
          <ButtonLink to="/shop">To the shop</ButtonLink>
        </div>
      </div>
      <div className="grid gap-3 sm:grid-cols-2">
        <Pick
          label="What"
          value={kind ?? any}
          options={[
            { value: any, label: 'Everything' },
            ...(Object.keys(kinds) as LogKind[]).map((value) => ({ value, label: kinds[value] })),
          ]}
          onChange={(value) => setKind(value === any ? undefined : (value as LogKind))}
        />
        <Pick
          label="Who"
          value={who ?? any}
          options={[
            { value: any, label: 'Everybody' },
            ...(members.data ?? []).map((m) => ({ value: m.name, label: m.name })),
          ]}
          onChange={(value) => setWho(value === any ? undefined : value)}
        />
      </div>
      {log.isPending && <Loading what="the log" />}
      {log.isError && <Trouble error={log.error} again={() => void log.refetch()} />}
      {log.data?.length === 0 && <Empty title="Nothing of that kind yet." />}
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
      <p className="text-note text-faint">
        The latest 200 are shown, the table has all. Nothing is ever taken out of the log.
      </p>
    </div>
  )
}
