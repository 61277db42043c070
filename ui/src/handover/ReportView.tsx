import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { reportQuery } from '../api/queries'
import { Empty, Loading } from '../parts/Notice'
import { Sheet } from './HandoverView'
import { phrase } from './phrase'

/** What a customer sees behind a private link: their report, and no way on. */
export function ReportView() {
  const { token = '' } = useParams()
  const report = useQuery({ ...reportQuery(token), retry: false })
  return (
    <main className="mx-auto w-full max-w-3xl p-2 md:p-5">
      {report.isPending && <Loading what={phrase('fetching-the-report')} />}
      {report.isError && <Empty title={report.error.message} />}
      {report.data && (
        <>
          <p className="no-print mb-2 text-right">
            <a
              href={`/api/v1/reports/${token}/report.pdf`}
              download
              className="inline-flex min-h-11 items-center underline underline-offset-4"
            >
              {phrase('as-a-pdf')}
            </a>
          </p>
          <Sheet handover={report.data} src={(photo) => `/api/v1/reports/${token}/photos/${photo}`} />
        </>
      )}
    </main>
  )
}
