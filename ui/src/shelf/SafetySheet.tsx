import { useMutation, useQueryClient } from '@tanstack/react-query'
import { FileText } from 'lucide-react'
import { useState } from 'react'
import { ApiError, api, type Schemas } from '../api/client'
import { Button, TextField } from '../parts/controls'
import { Trouble } from '../parts/Notice'
import { phrase } from './phrase'

/** A product's safety data sheet: a PDF kept here, or where to find it. */
export function SafetySheet({ product }: { product: Schemas['ProductView'] }) {
  const client = useQueryClient()
  const id = product.record.id
  const [link, setLink] = useState(product.sheetLink ?? '')
  const fresh = () => void client.invalidateQueries({ queryKey: ['shelf', 'product', id] })
  const told = (response: Response, problem: unknown) => {
    if (response.ok) return
    const { detail, faults } = (problem ?? {}) as { detail?: string; faults?: [] }
    throw new ApiError(response.status, detail ?? phrase('it-was-not-stored'), faults ?? [])
  }
  const upload = useMutation({
    mutationFn: async (file: File) => {
      const form = new FormData()
      form.set('file', file)
      const { response, error } = await api.POST('/api/v1/shelf/products/{id}/safety-sheet', {
        params: { path: { id } },
        body: form as unknown as { file: string },
        bodySerializer: (body) => body as unknown as FormData,
      })
      told(response, error)
    },
    onSuccess: fresh,
  })
  const save = useMutation({
    mutationFn: async () => {
      const { response, error } = await api.PUT('/api/v1/shelf/products/{id}/safety-sheet', {
        params: { path: { id } },
        body: { link: link.trim() || undefined },
      })
      told(response, error)
    },
    onSuccess: fresh,
  })
  return (
    <section aria-label={phrase('safety-data-sheet')} className="lying grid gap-3 p-3">
      <h2 className="text-do">{phrase('safety-data-sheet')}</h2>
      {product.sheetFile && (
        <a
          href={`/api/v1/shelf/products/${id}/safety-sheet`}
          target="_blank"
          className="inline-flex min-h-11 items-center gap-2"
        >
          <FileText size={18} aria-hidden="true" /> {product.sheetFile}
        </a>
      )}
      {product.sheetLink && (
        <a
          href={product.sheetLink}
          rel="noreferrer"
          target="_blank"
          className="inline-flex min-h-11 items-center break-all"
        >
          {product.sheetLink}
        </a>
      )}
      {!product.sheetFile && !product.sheetLink && (
        <p className="text-note text-faint">{phrase('none-yet-ask-the-maker')}</p>
      )}
      <label className="relative inline-flex min-h-11 cursor-pointer items-center justify-center gap-2 justify-self-start rounded-piece border border-ink/60 bg-paper px-4 font-semibold focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-focus">
        {product.sheetFile ? phrase('another-pdf') : phrase('pdf-from-a-file')}
        <input
          type="file"
          accept="application/pdf"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0]
            e.target.value = ''
            if (file) upload.mutate(file)
          }}
        />
      </label>
      <div className="grid grid-cols-[1fr_auto] items-end gap-2">
        <TextField
          label={phrase('or-its-address')}
          type="url"
          value={link}
          onChange={setLink}
          maxLength={500}
        />
        <Button
          onClick={() => save.mutate()}
          disabled={save.isPending || link.trim() === (product.sheetLink ?? '')}
        >
          {phrase('note-it')}
        </Button>
      </div>
      {(upload.error ?? save.error) && <Trouble error={upload.error ?? save.error} />}
    </section>
  )
}
