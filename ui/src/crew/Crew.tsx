import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState, type FormEvent } from 'react'
import { api, need, type Schemas } from '../api/client'
import { shopQuery } from '../api/queries'
import { Button, ButtonLink, OneOf, TextField } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { when } from '../parts/words'
import { membersQuery } from './crewQueries'
import { doorQuery, roles, type Role } from './door'
import { Rights } from './Rights'
import { SecretField } from './SecretField'
import { listed } from '../words/lists'
import { phrase } from './phrase'

type Member = Schemas['MemberView']
type Form = { name: string; role: Role; passphrase: string; pin: string }

const roleOptions = (Object.keys(roles) as Role[]).map((value) => ({ value, label: roles[value] }))
const blank: Form = { name: '', role: 'technician', passphrase: '', pin: '' }

/** Who works here: their roles, what they sign in with, and where they are signed in. */
export function Crew() {
  const door = useQuery(doorQuery)
  const members = useQuery(membersQuery)
  const [editing, setEditing] = useState<string>()
  if (members.isPending) return <Loading what={phrase('fetching-who-works-here')} />
  if (members.isError) return <Trouble error={members.error} again={() => void members.refetch()} />
  const house = door.data?.door === 'open-house'
  return (
    <section aria-label={phrase('who-works-here')} className="no-print lying grid content-start gap-2 p-3">
      <h2 className="text-do">{phrase('who-works-here')}</h2>
      {house ? (
        <>
          <p className="text-note text-faint">{phrase('nobody-is-set-up-whoever')}</p>
          <ButtonLink to="/door">{phrase('make-the-owner')}</ButtonLink>
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
                      {standing(member, door.data?.door === 'demo')}
                    </span>
                  </span>
                  <Button
                    aria-expanded={editing === member.id}
                    aria-label={phrase('change-named', { name: member.name })}
                    onClick={() => setEditing(editing === member.id ? undefined : member.id)}
                  >
                    {editing === member.id ? phrase('close') : phrase('change')}
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
              {phrase('somebody-else')}
            </Button>
          )}
          <ButtonLink to="/shop/log" className="justify-self-start">
            {phrase('the-log')}
          </ButtonLink>
        </>
      )}
      <Rights />
    </section>
  )
}

const standing = (m: Member, demo: boolean) =>
  listed(
    roles[m.role],
    m.passphrase && m.pin
      ? phrase('passphrase-and-pin')
      : m.passphrase
        ? phrase('passphrase-kept')
        : m.pin
          ? phrase('pin-kept')
          : demo
            ? phrase('picked-at-the-door')
            : phrase('cannot-sign-in-yet'),
    m.sessions > 0 && phrase('signed-in-at-places', { sessions: m.sessions }),
    m.lockedUntil && phrase('too-many-wrong-ones-locked', { lockedUntil: when(m.lockedUntil) }),
  )

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
      aria-label={member ? phrase('change-named', { name: member.name }) : phrase('somebody-else')}
    >
      <TextField
        label={phrase('name')}
        value={form.name}
        onChange={(name) => set({ name })}
        maxLength={80}
        required
      />
      <OneOf
        label={phrase('role')}
        value={form.role}
        options={roleOptions}
        onChange={(role) => set({ role: role as Role })}
      />
      <SecretField
        label={member?.pin ? phrase('new-pin') : phrase('pin-for-wet-gloves')}
        note={member?.pin ? phrase('left-empty-the-pin-stays') : '4 to 8 digits.'}
        value={form.pin}
        onChange={(pin) => set({ pin })}
        digits
        fresh
      />
      <SecretField
        label={member?.passphrase ? phrase('new-passphrase') : phrase('passphrase')}
        note={member?.passphrase ? phrase('left-empty-the-passphrase') : phrase('12-characters-or-more')}
        value={form.passphrase}
        onChange={(passphrase) => set({ passphrase })}
        fresh
      />
      <div className="flex flex-wrap gap-2">
        <Button type="submit" weight="main" disabled={save.isPending || !form.name.trim()}>
          {member ? phrase('save') : phrase('take-in')}
        </Button>
        {member && member.sessions > 0 && (
          <Button disabled={end.isPending} onClick={() => end.mutate()}>
            {phrase('sign-out-everywhere')}
          </Button>
        )}
        {member && !leaving && <Button onClick={() => setLeaving(true)}>{phrase('leaves-the-shop')}</Button>}
        {member && leaving && (
          <Button disabled={remove.isPending} onClick={() => remove.mutate()}>
            {phrase('yes-leaves', { name: member.name })}
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
