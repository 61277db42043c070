import { useMemo, useState } from 'react'
import { clock } from '../parts/words'
import { after, type Deed, type HandWork } from './model'
import { PanelPicture } from './PanelCanvas'
import { marks, type Marked } from './words'
import { phrase } from './phrase'

export const STEPS = 100

/** A slider through a run, from its beginning to its end. */
export function Through(props: { at: number; onAt: (at: number) => void }) {
  return (
    <label className="grid gap-1 text-note">
      <span className="font-semibold">{phrase('from-beginning-to-end')}</span>
      <input
        type="range"
        min={0}
        max={STEPS}
        value={props.at}
        onChange={(e) => props.onAt(Number(e.target.value))}
        className="min-h-11 w-full accent-needle"
      />
    </label>
  )
}

/** How it came out, beside the same panel as a master would leave it, step by step. */
export function Compare(props: { work: HandWork; own: Deed[]; marked: Marked }) {
  const { work, own, marked } = props
  const [at, setAt] = useState(STEPS)
  const hand = marked.hand!
  const mine = useMemo(() => after(work, upTo(own, at)), [at, own, work])
  const theirs = useMemo(() => after(work, upTo(hand.reference, at)), [at, hand.reference, work])
  const { says, ink, bar } = marks[marked.mark]
  return (
    <section aria-label={phrase('how-it-came-out')} className={`lying grid gap-3 border-l-4 p-3 ${bar}`}>
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h2 className="text-head">{phrase('of-100', { score: marked.score })}</h2>
        <p className={`font-semibold ${ink}`}>{says}</p>
      </div>
      <ul className="list-[square] pl-5">
        {marked.says.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <div className="grid gap-3 sm:grid-cols-2">
        <figure>
          <PanelPicture work={work} panel={mine} label={phrase('your-panel')} />
          <figcaption className="text-note">
            {phrase('yours-of-cloth', {
              seconds: clock(mine.seconds),
              faces: mine.faces,
            })}
          </figcaption>
        </figure>
        <figure>
          <PanelPicture work={work} panel={theirs} label={phrase('the-reference-panel')} />
          <figcaption className="text-note">
            {phrase('the-reference-faces-of-cloth', { seconds: clock(theirs.seconds), faces: theirs.faces })}
          </figcaption>
        </figure>
      </div>
      <Through at={at} onAt={setAt} />
    </section>
  )
}

/** The beginning of a run, in hundredths of it. */
export const upTo = (deeds: Deed[], at: number) => deeds.slice(0, Math.round((deeds.length * at) / STEPS))
