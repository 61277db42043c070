import { useQuery } from '@tanstack/react-query'
import { Download, Upload } from 'lucide-react'
import { useState } from 'react'
import type { Schemas } from '../api/client'
import { shelfQuery } from '../api/queries'
import { Button, Field, inputForm } from '../parts/controls'
import { Loading, Trouble } from '../parts/Notice'
import { ml, say, Say } from '../parts/words'
import { ImportShelf } from './ImportShelf'

export function ShelfView() {
  const shelf = useQuery(shelfQuery)
  const [word, setWord] = useState('')
  const [bringing, setBringing] = useState(false)
  if (shelf.isPending) return <Loading what="the shelf" />
  if (shelf.isError)
    return (
      <div className="p-4">
        <Trouble error={shelf.error} again={() => void shelf.refetch()} />
      </div>
    )
  const fits = (text: string) => text.toLowerCase().includes(word.trim().toLowerCase())
  const products = shelf.data.products.filter((p) => fits(`${p.name} ${p.roles.map(say).join(' ')}`))
  const tools = shelf.data.tools.filter((t) => fits(`${t.name} ${say(t.kind)}`))
  return (
    <div className="mx-auto grid w-full max-w-6xl gap-4 p-3 md:p-5">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="flex-1 text-head">Shelf</h1>
        <div className="flex gap-2">
          <Button onClick={() => setBringing(true)}>
            <Upload size={18} aria-hidden="true" /> Bring in
          </Button>
          <a
            href="/api/v1/shelf/csv"
            download
            className="inline-flex min-h-11 items-center gap-2 rounded-piece border border-ink/60 bg-paper px-4 font-semibold text-ink no-underline"
          >
            <Download size={18} aria-hidden="true" /> CSV
          </a>
        </div>
        <label className="w-full sm:w-72">
          <Field label="Find by name or role">
            <input
              type="search"
              className={inputForm}
              value={word}
              onChange={(e) => setWord(e.target.value)}
            />
          </Field>
        </label>
      </div>
      {bringing && <ImportShelf onClose={() => setBringing(false)} />}
      <section aria-label="Products" className="lying overflow-x-auto" tabIndex={0}>
        <table className="w-full min-w-[46rem] text-left">
          <caption className="px-3 pt-3 text-left text-do font-semibold">{products.length} products</caption>
          <thead className="text-note text-faint">
            <tr className="border-b border-line">
              {['Name', 'For', 'Supplied', 'pH as supplied', 'On hand', 'Opened'].map((h) => (
                <th key={h} scope="col" className="narrow px-3 py-2 font-semibold">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="divide-y divide-line">
            {products.map((p) => (
              <ProductRow key={p.id} product={p} />
            ))}
          </tbody>
        </table>
      </section>
      <section aria-label="Tools" className="lying overflow-x-auto" tabIndex={0}>
        <table className="w-full min-w-[40rem] text-left">
          <caption className="px-3 pt-3 text-left text-do font-semibold">{tools.length} tools</caption>
          <thead className="text-note text-faint">
            <tr className="border-b border-line">
              {['Name', 'Kind', 'Stiffness', 'Reaches', 'Colour', 'Count'].map((h) => (
                <th key={h} scope="col" className="narrow px-3 py-2 font-semibold">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody className="divide-y divide-line">
            {tools.map((t) => (
              <tr key={t.id}>
                <th scope="row" className="px-3 py-2 font-semibold">
                  {Say(t.name)}
                  {t.abrasive && <span className="text-note font-normal text-over"> abrasive</span>}
                </th>
                <td className="px-3">{Say(t.kind)}</td>
                <td className="px-3">{t.stiffness ?? 0}</td>
                <td className="px-3">{say(t.reach ?? 'fine')} grain</td>
                <td className="px-3">{t.dyed ? `dyed, washed ${t.timesWashed ?? 0} times` : 'undyed'}</td>
                <td className="px-3">{t.count ?? '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </section>
    </div>
  )
}

function ProductRow({ product: p }: { product: Schemas['ProductFile'] }) {
  return (
    <tr>
      <th scope="row" className="px-3 py-2 font-semibold">
        {p.name}
        <span className="block text-note font-normal text-faint">{p.maker}</span>
      </th>
      <td className="px-3">{p.roles.map(say).join(', ')}</td>
      <td className="px-3">
        {p.supply === 'concentrate' && p.labelRatios
          ? `${p.labelRatios.strongest ?? p.labelRatios.default} to ${p.labelRatios.mildest ?? p.labelRatios.default}`
          : 'as it comes'}
      </td>
      <td className="px-3">
        {p.ph ??
          (p.roles.some((r) => r.includes('clean') || r.includes('remover')) ? <em>measure it</em> : '–')}
      </td>
      <td className="px-3">{p.onHandMl === undefined ? 'not counted' : ml(p.onHandMl)}</td>
      <td className="px-3">{p.openedOn ?? '–'}</td>
    </tr>
  )
}
