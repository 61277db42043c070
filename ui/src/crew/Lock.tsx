import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { api, need, type Schemas } from '../api/client'
import { Pick } from '../parts/controls'
import { doorQuery, useDoorTurned } from './door'
import { PasskeyIn } from './PasskeyIn'
import { Secret } from './Secret'
import { useIdle } from './useIdle'
import { phrase } from './phrase'

/** A device nobody has touched for so long may be in anybody’s hands. */
const IDLE_MS = 10 * 60_000

/**
 * Signs whoever it was out once the device lies idle. What is on screen stays there, clocks and all;
 * nothing can be pressed until somebody with a PIN or passphrase goes on.
 */
export function useLock() {
  const client = useQueryClient()
  const turned = useDoorTurned()
  const door = useQuery(doorQuery)
  const [locked, setLocked] = useState<Schemas['MeView']>()
  const me = door.data?.me
  const name = door.data?.names.find((n) => n.id === (locked ?? me)?.id)
  const may = door.data?.door === 'locked' && Boolean(name?.pin || name?.passphrase)
  useIdle(may && me && !locked ? IDLE_MS : undefined, () => {
    api.DELETE('/api/v1/crew/session').then(
      ({ response }) => response.ok && setLocked(me),
      () => undefined, // without a line nobody could unlock it
    )
  })
  return {
    locked: locked && name,
    onIn: (fresh: Schemas['DoorView']) => {
      const other = fresh.me?.id !== locked?.id
      setLocked(undefined)
      if (other) turned(fresh)
      else {
        client.setQueryData(doorQuery.queryKey, fresh)
        void client.invalidateQueries()
      }
    },
  }
}

/** Over the page that stays: who it was goes on, or somebody else. */
export function Lock(props: { was: Schemas['NameView']; onIn: (door: Schemas['DoorView']) => void }) {
  const door = useQuery(doorQuery)
  const [picked, setPicked] = useState(props.was)
  const enter = useMutation({
    mutationFn: (secret: { pin: string } | { passphrase: string }) =>
      need(api.POST('/api/v1/crew/session', { body: { memberId: picked.id, ...secret } })),
    onSuccess: props.onIn,
  })
  return (
    <section
      aria-label={phrase('locked')}
      className="lying fixed inset-x-2 bottom-2 z-50 grid max-h-[90dvh] gap-3 overflow-y-auto p-4 sm:left-auto sm:w-96"
    >
      <h2 className="text-do">{phrase('locked-nobody-has-touched-it')}</h2>
      <Pick
        label={phrase('who-goes-on')}
        value={picked.id}
        options={(door.data?.names ?? []).map((n) => ({ value: n.id, label: n.name }))}
        onChange={(id) => {
          enter.reset()
          setPicked(door.data?.names.find((n) => n.id === id) ?? props.was)
        }}
      />
      <Secret
        key={picked.id}
        name={picked}
        error={enter.error}
        busy={enter.isPending}
        onTell={(secret) => enter.mutate(secret)}
      />
      <PasskeyIn onIn={props.onIn} />
    </section>
  )
}
