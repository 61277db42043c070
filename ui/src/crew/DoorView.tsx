import { useMutation, useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { useNavigate, useSearchParams } from 'react-router'
import { api, need, type Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { Loading, PageTrouble, Trouble } from '../parts/Notice'
import { useTheme } from '../parts/useTheme'
import { does, doorQuery, roles, useDoorTurned } from './door'
import { PasskeyIn } from './PasskeyIn'
import { OwnerForm } from './OwnerForm'
import { Secret } from './Secret'
import { phrase } from './phrase'

type Name = Schemas['NameView']

/** Where one comes in: pick one’s name, then a PIN or a passphrase. */
export function DoorView() {
  useTheme()
  useEffect(() => {
    document.title = phrase('the-door-attune')
  }, [])
  const [search] = useSearchParams()
  const navigate = useNavigate()
  const turned = useDoorTurned()
  const door = useQuery(doorQuery)
  const [picked, setPicked] = useState<Name>()
  const [withCode, setWithCode] = useState(false)
  const in_ = (fresh: Schemas['DoorView']) => {
    turned(fresh)
    const to = search.get('to')
    void navigate(to?.startsWith('/') && !to.startsWith('//') ? to : '/', { replace: true })
  }
  const enter = useMutation({
    mutationFn: (body: Schemas['SignIn']) => need(api.POST('/api/v1/crew/session', { body })),
    onSuccess: in_,
  })
  if (door.isPending) return <Loading what={phrase('fetching-the-door')} />
  if (door.isError) return <PageTrouble error={door.error} again={() => void door.refetch()} />
  const { names } = door.data
  const kind = door.data.door
  const first = kind === 'owner-first' || kind === 'open-house'
  const pick = (name: Name) => {
    enter.reset()
    if (kind === 'demo' && !name.pin && !name.passphrase) enter.mutate({ memberId: name.id })
    else setPicked(name)
  }
  return (
    <main className="mx-auto grid w-full max-w-2xl content-start gap-5 p-4 md:p-8">
      <p className="flex items-center gap-2 border-b border-line pb-3 font-semibold">
        <img src="/mark.svg" alt="" width="30" height="30" /> {door.data.shop || phrase('attune')}
      </p>
      <h1 className="text-head">{first ? phrase('the-first-owner') : phrase('who-are-you')}</h1>
      {kind === 'demo' && <p>{phrase('this-is-the-demo-pick')}</p>}
      {first && (
        <p>
          {phrase('nobody-is-set-up-here')}{' '}
          {kind === 'open-house' ? phrase('until-there-is-an-owner') : phrase('the-shop-opens-on-its')}
        </p>
      )}
      {!first && !withCode && (
        <ul className="grid gap-2 sm:grid-cols-2">
          {names.map((name) => (
            <li key={name.id}>
              <button
                type="button"
                aria-pressed={picked?.id === name.id}
                onClick={() => pick(name)}
                className={`grid min-h-16 w-full border bg-paper px-4 py-2 text-left ${
                  picked?.id === name.id ? 'border-2 border-needle' : 'border-line-strong'
                }`}
              >
                <span className="text-do font-semibold">{name.name}</span>
                <span className="text-note text-faint">
                  {roles[name.role]}: {does[name.role]}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
      {!first && !withCode && <PasskeyIn onIn={in_} />}
      {picked && !withCode && (
        <Secret
          key={picked.id}
          name={picked}
          error={enter.error}
          busy={enter.isPending}
          onTell={(secret) => enter.mutate({ memberId: picked.id, ...secret })}
        />
      )}
      {!picked && enter.error && <Trouble error={enter.error} />}
      {first || withCode ? (
        <OwnerForm again={withCode} onIn={in_} />
      ) : (
        kind === 'locked' && (
          <Button weight="quiet" className="justify-self-start" onClick={() => setWithCode(true)}>
            {phrase('i-have-a-code-for')}
          </Button>
        )
      )}
      {withCode && (
        <Button weight="quiet" className="justify-self-start" onClick={() => setWithCode(false)}>
          {phrase('back-to-the-names')}
        </Button>
      )}
    </main>
  )
}
