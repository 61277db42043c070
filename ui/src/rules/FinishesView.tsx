import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useLocation } from 'react-router'
import type { Schemas } from '../api/client'
import { finishesQuery } from '../api/queries'
import { ButtonLink } from '../parts/controls'
import { Loading, PageTrouble } from '../parts/Notice'
import { atPh, phMarks } from '../parts/phRule'
import { Row, Scale } from '../parts/Scale'
import { range, Say, say } from '../parts/words'
import { phrase } from './phrase'

type Finish = Schemas['FinishChoice']

/** Every finish, how it is told and what it stands. */
export function FinishesView() {
  const finishes = useQuery(finishesQuery)
  const { hash } = useLocation()
  const there = finishes.isSuccess
  useEffect(() => {
    if (there && hash) document.getElementById(hash.slice(1))?.scrollIntoView({ block: 'center' })
  }, [there, hash])
  if (finishes.isPending) return <Loading what={phrase('fetching-the-finishes')} />
  if (finishes.isError) return <PageTrouble error={finishes.error} again={() => void finishes.refetch()} />
  const families = [...new Set(finishes.data.map((f) => f.family))]
  return (
    <div className="mx-auto grid w-full max-w-6xl gap-3 p-3 md:p-6">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-head">{phrase('finishes')}</h1>
          <p className="text-faint">{phrase('how-each-is-told-and')}</p>
        </div>
        <ButtonLink to="/rules">{phrase('house-rules')}</ButtonLink>
      </div>
      {families.map((family) => {
        const own = finishes.data.filter((f) => f.family === family)
        return (
          <Scale
            key={family}
            label={Say(family)}
            count={own.length}
            unit={phrase('ph-on-the-surface-the')}
            marks={phMarks}
          >
            {own.map((finish) => (
              <Row
                key={finish.code}
                id={finish.code}
                name={finish.name.charAt(0).toUpperCase() + finish.name.slice(1)}
                note={finish.look}
                said={phrase('ph', {
                  routineLow: range(finish.stands.routineLow, finish.stands.routineHigh),
                })}
                end={stands(finish)}
              >
                <Band finish={finish} />
              </Row>
            ))}
          </Scale>
        )
      })}
    </div>
  )
}

function stands({ stands: s }: Finish): string {
  const { agitationMax } = s
  const how: Record<Finish['stands']['agitationHow'], string> = {
    any: phrase('stiffness-to', { agitationMax }),
    dry: phrase('dry-only', { agitationMax }),
    blot: phrase('blotted-only', { agitationMax }),
  }
  return [
    s.wetOn === 'surface'
      ? phrase('g-m-a-pass', { wetMaxGm2: s.wetMaxGm2 })
      : phrase('on-the', { wetMaxGm2: s.wetMaxGm2, wetOn: say(s.wetOn) }),
    phrase('off-within-min', { contactMaxMin: s.contactMaxMin }),
    how[s.agitationHow],
    s.steamMaxC === undefined ? phrase('no-steam') : phrase('steam-to-c', { steamMaxC: s.steamMaxC }),
    s.sheenLow !== undefined &&
      phrase('clean-at-gu', { sheenLow: range(s.sheenLow, s.sheenHigh ?? s.sheenLow) }),
  ]
    .filter(Boolean)
    .join(' · ')
}

function Band({ finish: { stands: s } }: { finish: Finish }) {
  const from = atPh(s.routineLow)
  return (
    <>
      <span aria-hidden="true" className="absolute h-full w-px bg-line" style={{ left: `${atPh(7)}%` }} />
      {s.occasionalLow !== undefined && s.occasionalHigh !== undefined && (
        <span
          aria-hidden="true"
          className="absolute top-1/2 h-0.5 bg-ink/60"
          style={{
            left: `${atPh(s.occasionalLow)}%`,
            width: `${atPh(s.occasionalHigh) - atPh(s.occasionalLow)}%`,
          }}
        />
      )}
      <span
        aria-hidden="true"
        className="absolute top-1/2 h-4 -translate-y-1/2 bg-tune"
        style={{ left: `${from}%`, width: `${atPh(s.routineHigh) - from}%` }}
      />
    </>
  )
}
