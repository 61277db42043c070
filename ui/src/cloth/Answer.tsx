import { OctagonX } from 'lucide-react'
import type { Schemas } from '../api/client'
import { phrase } from './phrase'

const heads: Record<Schemas['ClothReadingView']['taken'], string> = {
  nothing: phrase('clean'),
  soil: phrase('soil'),
  pigment: phrase('pigment'),
  'cannot-tell': phrase('cannot-tell'),
}

/** What the cloth says; a stop is loud. */
export function Answer({ read }: { read: Schemas['ClothReadingView'] }) {
  return (
    <section
      aria-label={phrase('what-the-cloth-says')}
      data-taken={read.taken}
      role={read.stop ? 'alert' : undefined}
      className={`grid gap-3 border-4 p-4 ${read.stop ? 'border-over bg-over text-paper' : 'border-line bg-paper'}`}
    >
      <p className="flex items-center gap-3 text-big leading-none font-bold">
        {read.stop && <OctagonX size={44} aria-hidden="true" />}
        {read.stop ? phrase('stop') : heads[read.taken]}
      </p>
      <p className="text-do">{read.text.replace(/^Stop\. /, '')}</p>
      <div className="grid gap-2 bg-paper p-3 text-ink">
        <div className="flex flex-wrap gap-x-5 gap-y-2">
          <Swatch colour={read.clean} label={phrase('clean-cloth-within')} />
          {read.trim && <Swatch colour={read.trim} label={phrase('trim-within')} />}
        </div>
        <table className="w-full border-collapse text-left">
          <thead className="text-note text-faint">
            <tr>
              <th className="py-1 font-semibold">{phrase('face')}</th>
              <th className="pl-2 text-right font-semibold">{phrase('e-from-clean')}</th>
              <th className="pl-2 text-right font-semibold">{phrase('darker-l')}</th>
              <th className="pl-2 text-right font-semibold">{phrase('chroma')}</th>
              <th className="pl-2 text-right font-semibold">{phrase('hue')}</th>
            </tr>
          </thead>
          <tbody>
            {read.faces.map((f, i) => (
              <tr key={i} className="border-t border-line">
                <td className="py-1.5">
                  <Swatch colour={f.colour} label={String(i + 1)} />
                </td>
                <td className="pl-2 text-right">{f.deltaE}</td>
                <td className="pl-2 text-right">{Math.max(0, -f.deltaL)}</td>
                <td className="pl-2 text-right">{f.chroma}</td>
                <td className="pl-2 text-right">{f.hue}°</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  )
}

const Swatch = ({ colour, label }: { colour: string; label: string }) => (
  <span className="inline-flex items-center gap-2">
    <span className="h-7 w-10 border border-ink/40" style={{ background: colour }} aria-hidden="true" />
    <span>
      {label} <span className="text-note text-faint">{colour}</span>
    </span>
  </span>
)
