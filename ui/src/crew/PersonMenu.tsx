import { useMutation, useQuery } from '@tanstack/react-query'
import { UserRound } from 'lucide-react'
import { Popover } from 'radix-ui'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { api } from '../api/client'
import { Button } from '../parts/controls'
import { doorQuery, roles, useDoorTurned } from './door'
import { OwnSecrets } from './OwnSecrets'
import { Passkeys } from './Passkeys'
import { SignedIn } from './SignedIn'
import { listed } from '../words/lists'
import { phrase } from './phrase'

/** Who is signed in on this device, and how somebody else takes it over. */
export function PersonMenu(props: { theme: 'light' | 'dark'; onTurn: () => void }) {
  const door = useQuery(doorQuery)
  const navigate = useNavigate()
  const turned = useDoorTurned()
  const [open, setOpen] = useState(false)
  const leave = useMutation({
    mutationFn: () => api.DELETE('/api/v1/crew/session'),
    onSuccess: () => {
      setOpen(false)
      turned()
      void navigate('/door')
    },
  })
  const me = door.data?.me
  const kind = door.data?.door
  const house = kind === 'open-house'
  const label = !me
    ? phrase('this-device')
    : house
      ? phrase('nobody-is-set-up-yet')
      : listed(me.name, roles[me.role].toLowerCase())
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger
        className="inline-flex min-h-11 min-w-11 items-center justify-center gap-2 px-1"
        aria-label={label}
      >
        <UserRound size={20} aria-hidden="true" />
        {me && !house && <span className="text-note font-semibold max-md:sr-only">{me.name}</span>}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          sideOffset={4}
          className="lying z-40 grid max-h-[85dvh] w-80 max-w-[calc(100vw-1rem)] gap-3 overflow-y-auto p-4"
        >
          {house && <p>{phrase('whoever-sits-at-this-machine')}</p>}
          {me && !house && (
            <div>
              <p className="text-do font-semibold">{me.name}</p>
              <p className="text-note text-faint">
                {kind === 'demo' ? phrase('in-the-demo', { role: roles[me.role] }) : roles[me.role]}
              </p>
            </div>
          )}
          {house && (
            <Button
              weight="main"
              onClick={() => {
                setOpen(false)
                void navigate('/door')
              }}
            >
              {phrase('make-the-owner')}
            </Button>
          )}
          {kind === 'demo' && (
            <Button
              weight="main"
              onClick={() => {
                setOpen(false)
                void navigate('/door')
              }}
            >
              {phrase('be-somebody-else')}
            </Button>
          )}
          {kind === 'locked' && (
            <>
              <Button weight="main" disabled={leave.isPending} onClick={() => leave.mutate()}>
                {phrase('sign-out-for-the-next')}
              </Button>
              <OwnSecrets />
              <Passkeys />
              <SignedIn />
            </>
          )}
          <Button className="sm:hidden" onClick={props.onTurn}>
            {props.theme === 'light' ? phrase('dark-for-the-evening') : phrase('light-for-the-sun')}
          </Button>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
