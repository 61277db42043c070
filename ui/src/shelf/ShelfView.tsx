import { useQuery } from '@tanstack/react-query'
import { Download, Plus, Upload } from 'lucide-react'
import { Tabs } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { Link, useSearchParams } from 'react-router'
import type { Schemas } from '../api/client'
import { archiveQuery, neverMixQuery, shelfQuery } from '../api/queries'
import { Button, ButtonLink, Field, inputForm } from '../parts/controls'
import { Empty, Loading, PageTrouble, Trouble } from '../parts/Notice'
import { dayOf, ml, say, Say } from '../parts/words'
import { Cloths } from './Cloths'
import { ImportShelf } from './ImportShelf'
import { Needs } from './Needs'
import { BottleScales, ToolScales } from './ScaleShelf'
import { allOf } from '../words/lists'
import { phrase } from './phrase'

const parts = [
  ['products', phrase('products')],
  ['tools', phrase('tools')],
  ['cloths', phrase('cloths')],
  ['needs', phrase('to-order')],
  ['never-mix', phrase('never-mix')],
  ['archive', phrase('archive')],
] as const

export function ShelfView() {
  const shelf = useQuery(shelfQuery)
  const [query, setQuery] = useSearchParams()
  const [bringing, setBringing] = useState(false)
  if (shelf.isPending) return <Loading what={phrase('fetching-the-shelf')} />
  if (shelf.isError) return <PageTrouble error={shelf.error} again={() => void shelf.refetch()} />
  const word = query.get('q') ?? ''
  const part = query.get('part') ?? 'products'
  const table = query.get('as') === 'table'
  const go = (changes: Record<string, string>) =>
    setQuery(
      (before) => {
        const next = new URLSearchParams(before)
        for (const [name, value] of Object.entries(changes)) {
          if (value) next.set(name, value)
          else next.delete(name)
        }
        return next
      },
      { replace: true },
    )
  const fits = (text: string) => text.toLowerCase().includes(word.trim().toLowerCase())
  const products = shelf.data.products.filter((p) =>
    fits(`${p.name} ${p.maker ?? ''} ${p.roles.map(say).join(' ')}`),
  )
  const tools = shelf.data.tools.filter((t) => fits(`${t.name} ${say(t.kind)}`))
  return (
    <div className="mx-auto grid w-full max-w-6xl grid-cols-[minmax(0,1fr)] gap-4 p-3 md:p-5">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-head sm:flex-1">{phrase('shelf')}</h1>
        <div className="flex flex-wrap gap-2">
          <ButtonLink to="/shelf/products/new">
            <Plus size={18} aria-hidden="true" /> {phrase('product')}
          </ButtonLink>
          <ButtonLink to="/shelf/tools/new">
            <Plus size={18} aria-hidden="true" /> {phrase('tool')}
          </ButtonLink>
          <Button onClick={() => setBringing(true)}>
            <Upload size={18} aria-hidden="true" /> {phrase('bring-in')}
          </Button>
          {(['csv', 'json'] as const).map((kind) => (
            <a key={kind} href={`/api/v1/shelf/${kind}`} download className={download}>
              <Download size={18} aria-hidden="true" /> {kind.toUpperCase()}
            </a>
          ))}
        </div>
        <label className="w-full sm:w-64">
          <Field label={phrase('find-by-name-maker-or')}>
            <input
              type="search"
              className={inputForm}
              value={word}
              onChange={(e) => go({ q: e.target.value })}
            />
          </Field>
        </label>
      </div>
      {bringing && <ImportShelf onClose={() => setBringing(false)} />}
      <Tabs.Root
        value={part}
        onValueChange={(value) => go({ part: value })}
        className="grid grid-cols-[minmax(0,1fr)] gap-4"
      >
        <Tabs.List
          aria-label={phrase('parts-of-the-shelf')}
          className="flex overflow-x-auto border-b border-line"
        >
          {parts.map(([value, label]) => (
            <Tabs.Trigger
              key={value}
              value={value}
              className="min-h-11 shrink-0 border-b-[3px] border-transparent px-3 font-semibold text-faint data-[state=active]:border-needle data-[state=active]:text-ink"
            >
              {label}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        <Tabs.Content value="products" tabIndex={-1}>
          <AsWhat table={table} onTable={(on) => go({ as: on ? 'table' : '' })} />
          {table ? <Products products={products} /> : <BottleScales fits={fits} />}
        </Tabs.Content>
        <Tabs.Content value="tools" tabIndex={-1}>
          <AsWhat table={table} onTable={(on) => go({ as: on ? 'table' : '' })} />
          {table ? <Tools tools={tools} /> : <ToolScales tools={tools} />}
        </Tabs.Content>
        <Tabs.Content value="cloths" tabIndex={-1}>
          <Cloths />
        </Tabs.Content>
        <Tabs.Content value="needs" tabIndex={-1}>
          <Needs />
        </Tabs.Content>
        <Tabs.Content value="never-mix" tabIndex={-1}>
          <NeverMix />
        </Tabs.Content>
        <Tabs.Content value="archive" tabIndex={-1}>
          <Archive />
        </Tabs.Content>
      </Tabs.Root>
    </div>
  )
}

/** As scales, or as a table with every column. */
function AsWhat({ table, onTable }: { table: boolean; onTable: (on: boolean) => void }) {
  return (
    <p className="mb-2 flex justify-end">
      <Button weight="quiet" onClick={() => onTable(!table)}>
        {table ? phrase('show-as-scales') : phrase('show-as-a-table')}
      </Button>
    </p>
  )
}

const download =
  'inline-flex min-h-11 items-center gap-2 rounded-piece border border-ink/60 bg-paper px-4 font-semibold text-ink no-underline'

function Table(props: { label: string; caption: string; heads: string[]; children: ReactNode }) {
  return (
    <section aria-label={props.label} className="lying overflow-x-auto" tabIndex={0}>
      <table className="w-full min-w-[44rem] text-left">
        <caption className="px-3 pt-3 text-left text-do font-semibold">{props.caption}</caption>
        <thead className="text-note text-faint">
          <tr className="border-b border-line">
            {props.heads.map((h) => (
              <th key={h} scope="col" className="narrow px-3 py-2 font-semibold">
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="divide-y divide-line">{props.children}</tbody>
      </table>
    </section>
  )
}

function Products({ products }: { products: Schemas['ProductFile'][] }) {
  return (
    <Table
      label={phrase('products')}
      caption={phrase('products-counted', { products: products.length })}
      heads={[
        phrase('name'),
        phrase('for'),
        phrase('supplied'),
        phrase('ph-as-supplied'),
        phrase('on-hand'),
        phrase('opened'),
      ]}
    >
      {products.map((p) => (
        <ProductRow key={p.id} product={p} />
      ))}
    </Table>
  )
}

function Tools({ tools }: { tools: Schemas['ToolFile'][] }) {
  return (
    <Table
      label={phrase('tools')}
      caption={phrase('tools-counted', { tools: tools.length })}
      heads={[
        phrase('name'),
        phrase('kind'),
        phrase('stiffness'),
        phrase('reaches'),
        phrase('colour'),
        phrase('count'),
      ]}
    >
      {tools.map((t) => (
        <tr key={t.id}>
          <th scope="row" className="px-3 py-1 font-semibold">
            <Link to={`/shelf/tools/${t.id}`} className={rowLink}>
              {Say(t.name)}
            </Link>
            {t.abrasive && (
              <span className="text-note font-normal text-over"> {phrase('abrasive-within')}</span>
            )}
          </th>
          <td className="px-3">{Say(t.kind)}</td>
          <td className="px-3">{t.stiffness ?? '–'}</td>
          <td className="px-3">{phrase('grain', { reach: say(t.reach ?? 'fine') })}</td>
          <td className="px-3">
            {t.dyed ? phrase('dyed-washed-times', { timesWashed: t.timesWashed ?? 0 }) : phrase('undyed')}
          </td>
          <td className="px-3">{t.count ?? '–'}</td>
        </tr>
      ))}
    </Table>
  )
}

const rowLink = 'inline-flex min-h-11 items-center text-ink'

function NeverMix() {
  const clashes = useQuery(neverMixQuery)
  if (clashes.isPending) return <Loading what={phrase('fetching-the-pairs')} />
  if (clashes.isError) return <Trouble error={clashes.error} again={() => void clashes.refetch()} />
  if (clashes.data.length === 0) return <Empty title={phrase('no-two-products-here-clash')} />
  return (
    <section aria-label={phrase('never-mix')} className="lying border-l-4 border-l-barred p-3">
      <p>{phrase('not-in-one-bottle-and')}</p>
      <ul className="mt-2 divide-y divide-line">
        {clashes.data.map((c) => (
          <li key={c.productId + c.otherId} className="py-2">
            <strong className="font-semibold">{phrase('and', { product: c.product, other: c.other })}</strong>
            : {c.why}
          </li>
        ))}
      </ul>
    </section>
  )
}

function Archive() {
  const archive = useQuery(archiveQuery)
  if (archive.isPending) return <Loading what={phrase('fetching-the-archive')} />
  if (archive.isError) return <Trouble error={archive.error} again={() => void archive.refetch()} />
  const { products, tools } = archive.data
  if (products.length + tools.length === 0)
    return (
      <Empty title={phrase('nothing-is-archived')}>
        <p className="text-faint">{phrase('what-is-archived-is-planned')}</p>
      </Empty>
    )
  return (
    <ul className="lying divide-y divide-line px-3">
      {products.map((p) => (
        <li key={p.id}>
          <Link to={`/shelf/products/${p.id}`} className={rowLink}>
            {p.name}
          </Link>
        </li>
      ))}
      {tools.map((t) => (
        <li key={t.id}>
          <Link to={`/shelf/tools/${t.id}`} className={rowLink}>
            {Say(t.name)}
          </Link>
        </li>
      ))}
    </ul>
  )
}

function ProductRow({ product: p }: { product: Schemas['ProductFile'] }) {
  return (
    <tr>
      <th scope="row" className="px-3 py-1 font-semibold">
        <Link to={`/shelf/products/${p.id}`} className="inline-flex min-h-6 items-center text-ink">
          {p.name}
        </Link>
        <span className="block text-note font-normal text-faint">{p.maker}</span>
      </th>
      <td className="px-3">{allOf(p.roles.map(say))}</td>
      <td className="px-3">
        {p.supply === 'concentrate' && p.labelRatios
          ? phrase('ratios', {
              strongest: p.labelRatios.strongest ?? p.labelRatios.default,
              mildest: p.labelRatios.mildest ?? p.labelRatios.default,
            })
          : phrase('as-it-comes-within')}
      </td>
      <td className="px-3">
        {p.ph ??
          (p.roles.some((r) => r.includes('clean') || r.includes('remover')) ? (
            <em>{phrase('measure-it')}</em>
          ) : (
            '–'
          ))}
      </td>
      <td className="px-3">
        {p.onHandMl === undefined ? (
          phrase('not-counted')
        ) : p.onHandMl === 0 ? (
          <strong className="font-semibold text-over">{phrase('none-left')}</strong>
        ) : (
          ml(p.onHandMl)
        )}
      </td>
      <td className="px-3">{p.openedOn ? dayOf(p.openedOn) : '–'}</td>
    </tr>
  )
}
