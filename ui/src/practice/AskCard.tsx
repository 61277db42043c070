import { useEffect } from 'react'
import { marks, type Exercise } from './words'
import { placed } from '../parts/words'
import { phrase } from './phrase'

/** A case and its answers, picked by pointer or by number. */
export function AskCard(props: {
  exercise: Exercise
  picked: number | undefined
  /** Whether what follows from each answer is shown. */
  told: boolean
  onPick: (choice: number) => void
}) {
  const { exercise, picked, told, onPick } = props
  const open = picked === undefined
  useEffect(() => {
    if (!open) return
    const press = (e: KeyboardEvent) => {
      const choice = Number(e.key) - 1
      if (e.repeat || e.ctrlKey || e.metaKey || e.altKey || !exercise.choices[choice]) return
      e.preventDefault()
      onPick(choice)
    }
    window.addEventListener('keydown', press)
    return () => window.removeEventListener('keydown', press)
  })
  return (
    <section
      aria-label={phrase('the-case')}
      className="lying grid gap-4 p-3 md:grid-cols-[18rem_minmax(0,1fr)] md:p-4"
    >
      <div className="grid content-start gap-3">
        <Facts facts={exercise.facts} />
        {exercise.swatches.length > 0 && <Swatches of={exercise.swatches} />}
      </div>
      <div className="grid content-start gap-2">
        <h2 className="text-do">{exercise.ask}</h2>
        <ul className="grid gap-2">
          {exercise.choices.map((choice, i) => {
            const shown = told && picked !== undefined
            return (
              <li key={choice.text}>
                <button
                  type="button"
                  disabled={!open}
                  aria-pressed={picked === i}
                  onClick={() => onPick(i)}
                  className={`flex min-h-14 w-full items-start gap-3 rounded-piece border border-l-4 bg-paper p-3 text-left ${
                    shown ? marks[choice.mark].bar : 'border-l-line'
                  } ${picked === i ? 'border-ink' : 'border-line'}`}
                >
                  <span className="inline-flex size-7 shrink-0 items-center justify-center rounded-piece bg-piece text-note font-semibold">
                    {i + 1}
                  </span>
                  <span className="grid gap-1">
                    <span className="font-semibold">{choice.text}</span>
                    {shown && (
                      <>
                        <span className={`text-note font-semibold ${marks[choice.mark].ink}`}>
                          {picked === i && <>{phrase('you-took-this')} </>}
                          {marks[choice.mark].says}
                        </span>
                        {(picked === i || choice.mark === 'right' ? choice.why : choice.why.slice(0, 1)).map(
                          (why) => (
                            <span key={why} className="text-note">
                              {why}
                            </span>
                          ),
                        )}
                      </>
                    )}
                  </span>
                </button>
              </li>
            )
          })}
        </ul>
      </div>
    </section>
  )
}

export function Facts({ facts }: { facts: Exercise['facts'] }) {
  return (
    <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 gap-y-1 text-note">
      {facts.map((fact, i) => (
        <div key={i} className="contents">
          <dt className="text-faint">{fact.what}</dt>
          <dd className="font-semibold">{withSwatch(fact.is)}</dd>
        </div>
      ))}
    </dl>
  )
}

/** A colour written as a code is shown as one. */
function withSwatch(text: string) {
  const colour = /#[0-9a-f]{6}/.exec(text)?.[0]
  if (!colour) return text
  return (
    <span className="inline-flex items-center gap-2">
      {text.replace(colour, '').trim()}
      <span
        role="img"
        aria-label={phrase('colour', { colour })}
        className="inline-block size-5 rounded-piece border border-line"
        style={{ background: colour }}
      />
    </span>
  )
}

function Swatches({ of }: { of: string[] }) {
  return (
    <div>
      <p className="text-note text-faint">{phrase('the-cloth-face-by-face')}</p>
      <ol className="mt-1 flex flex-wrap gap-2">
        {['#f2f1ec', ...of].map((colour, i) => (
          <li key={i} className="grid justify-items-center text-fine text-faint">
            <span
              role="img"
              aria-label={placed(i === 0 ? phrase('clean-cloth') : phrase('face', { i }), colour)}
              className="block size-12 rounded-piece border border-line"
              style={{ background: colour }}
            />
            {i === 0 ? 'clean' : i}
          </li>
        ))}
      </ol>
    </div>
  )
}
