import { useMutation, useQuery } from '@tanstack/react-query'
import { KeyRound } from 'lucide-react'
import type { Schemas } from '../api/client'
import { Button } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { doorQuery } from './door'
import { comeInByPasskey, hasPasskeys } from './passkey'
import { phrase } from './phrase'

/** The way in by a passkey, where anybody has one. */
export function PasskeyIn(props: { onIn: (door: Schemas['DoorView']) => void }) {
  const door = useQuery(doorQuery)
  const enter = useMutation({ mutationFn: comeInByPasskey, onSuccess: props.onIn })
  if (!door.data?.passkeys || !hasPasskeys()) return null
  return (
    <div className="grid justify-items-start gap-2">
      <Button disabled={enter.isPending} onClick={() => enter.mutate()}>
        <KeyRound size={18} aria-hidden="true" /> {phrase('come-in-by-passkey')}
      </Button>
      {enter.error && <Trouble error={enter.error} />}
    </div>
  )
}
