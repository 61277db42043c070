import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, need, type Schemas } from '../api/client'
import { shopQuery } from '../api/queries'
import { Button, ButtonLink, OneOf, TextField } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { plural, when } from '../parts/words'
import { membersQuery } from './crewQueries'
import { doorQuery, roles, type Role } from './door'
import { Rights } from './Rights'
import { SecretField } from './SecretField'

type Member = Schemas['MemberView']
type Form = { name: string; role: Role; passphrase: string; pin: string }

const roleOptions = (Object.keys(roles) as Role[]).map((value) => ({ value, label: roles[value] }))
const blank: Form = { name: '', role: 'TECHNICIAN', passphrase: '', pin: '' }

/** Who works here: their roles, what they sign in with, and where they are signed in. */
export function Crew() {
  const door = useQuery(doorQuery)
  const members = useQuery(membersQuery)
  const [editing, setEditing] = useState<string>()
  if (members.isPending) return <Loading what="who works here" />
  if (members.isError) return <Trouble error={members.error} again={() => void members.refetch()} />
  const house = door.data?.door === 'OPEN_HOUSE'
  return (
    <section aria-label="Who works here" className="no-print lying grid content-start gap-2 p-3">
      <h2 className="text-do">Who works here</h2>
      {house ? (
        <>
          <p className="text-note text-faint">
            Nobody is set up: whoever sits at this machine may do everything. With an owner, people sign in
            and do what their role allows; on the shop’s network they have to.
          </p>
          <ButtonLink to="/door">Make the owner</ButtonLink>
        </>
      ) : (
        <>
          <ul className="divide-y divide-line">
            {members.data.map((member) => (
              <li key={member.id} className="grid gap-2 py-2">
                <div className="flex flex-wrap items-center justify-between gap-2">
                  <span>
                    <span className="block font-semibold">{member.name}</span>
                    <span className="text-note text-faint">
                      {standing(member, door.data?.door === 'DEMO')}
                    </span>
                  </span>
                  <Button
                    aria-expanded={editing === member.id}
                    aria-label={`Change ${member.name}`}
                    onClick={() => setEditing(editing === member.id ? undefined : member.id)}
                  >
                    {editing === member.id ? 'Close' : 'Change'}
                  </Button>
                </div>
                {editing === member.id && (
                  <MemberForm key={member.version} member={member} onDone={() => setEditing(undefined)} />
                )}
              </li>
            ))}
          </ul>
          {editing === 'new' ? (
            <MemberForm onDone={() => setEditing(undefined)} />
          ) : (
            <Button className="justify-self-start" onClick={() => setEditing('new')}>
              Somebody else
            </Button>
          )}
          <ButtonLink to="/shop/log" className="justify-self-start">
            The log
          </ButtonLink>
        </>
      )}
      <Rights />
    </section>
  )
}

const standing = (m: Member, demo: boolean) =>
  [
    roles[m.role],
    m.passphrase && m.pin
      ? 'passphrase and PIN'
      : m.passphrase
        ? 'passphrase'
        : m.pin
          ? 'PIN'
          : demo
            ? 'picked at the door'
            : 'cannot sign in yet',
    m.sessions > 0 && `signed in at ${plural(m.sessions, 'place')}`,
    m.lockedUntil && `too many wrong ones: locked until ${when(m.lockedUntil)}`,
  ]
    .filter(Boolean)
    .join(', ')

function MemberForm(props: { member?: Member; onDone: () => void }) {
  const { member } = props
  const client = useQueryClient()
  const [form, setForm] = useState<Form>(member ? { ...blank, name: member.name, role: member.role } : blank)
  const [leaving, setLeaving] = useState(false)
  const set = (part: Partial<Form>) => setForm((before) => ({ ...before, ...part }))
  const again = () => {
    void client.invalidateQueries({ queryKey: membersQuery.queryKey })
    void client.invalidateQueries({ queryKey: doorQuery.queryKey })
    void client.invalidateQueries({ queryKey: shopQuery.queryKey })
  }
  const done = () => {
    again()
    props.onDone()
  }
  const body = {
    name: form.name,
    role: form.role,
    passphrase: form.passphrase || undefined,
    pin: form.pin || undefined,
    version: member?.version,
  }
  const save = useMutation({
    mutationFn: () =>
      need(
        member
          ? api.PUT('/api/v1/crew/members/{id}', { params: { path: { id: member.id } }, body })
          : api.POST('/api/v1/crew/members', { body }),
      ),
    onSuccess: done,
  })
  const remove = useMutation({
    mutationFn: () => gone(api.DELETE('/api/v1/crew/members/{id}', path(member?.id ?? ''))),
    onSuccess: done,
  })
  const end = useMutation({
    mutationFn: () => gone(api.DELETE('/api/v1/crew/members/{id}/sessions', path(member?.id ?? ''))),
    onSuccess: again,
  })
  const submit = (event: FormEvent) => {
    event.preventDefault()
    save.mutate()
  }
  const trouble = save.error ?? remove.error ?? end.error
  return (
    <form
      onSubmit={submit}
      className="grid gap-3 border-l-4 border-l-line-strong pl-3"
      aria-label={member ? `Change ${member.name}` : 'Somebody else'}
    >
      <TextField label="Name" value={form.name} onChange={(name) => set({ name })} maxLength={80} required />
      <OneOf
        label="Role"
        value={form.role}
        options={roleOptions}
        onChange={(role) => set({ role: role as Role })}
      />
      <SecretField
        label={member?.pin ? 'New PIN' : 'PIN, for wet gloves'}
        note={member?.pin ? 'Left empty, the PIN stays.' : '4 to 8 digits.'}
        value={form.pin}
        onChange={(pin) => set({ pin })}
        digits
        fresh
      />
      <SecretField
        label={member?.passphrase ? 'New passphrase' : 'Passphrase'}
        note={member?.passphrase ? 'Left empty, the passphrase stays.' : '12 characters or more.'}
        value={form.passphrase}
        onChange={(passphrase) => set({ passphrase })}
        fresh
      />
      <div className="flex flex-wrap gap-2">
        <Button type="submit" weight="main" disabled={save.isPending || !form.name.trim()}>
          {member ? 'Save' : 'Take in'}
        </Button>
        {member && member.sessions > 0 && (
          <Button disabled={end.isPending} onClick={() => end.mutate()}>
            Sign out everywhere
          </Button>
        )}
        {member && !leaving && <Button onClick={() => setLeaving(true)}>Leaves the shop</Button>}
        {member && leaving && (
          <Button disabled={remove.isPending} onClick={() => remove.mutate()}>
            Yes, {member.name} leaves
          </Button>
        )}
      </div>
      {trouble && <Trouble error={trouble} />}
    </form>
  )
}

const path = (id: string) => ({ params: { path: { id } } })

const gone = (answer: Promise<{ error?: unknown; response: Response }>) =>
  need(answer.then((a) => ({ ...a, data: a.response.ok ? true : undefined })))
