import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { reportQuery } from '../api/queries'
import { Empty, Loading } from '../parts/Notice'
import { Sheet } from './HandoverView'

/** What a customer sees behind a private link: their report, and no way on. */
export function ReportView() {
  const { token = '' } = useParams()
  const report = useQuery({ ...reportQuery(token), retry: false })
  return (
    <main className="mx-auto w-full max-w-3xl p-2 md:p-5">
      {report.isPending && <Loading what="the report" />}
      {report.isError && <Empty title={report.error.message} />}
      {report.data && <Sheet handover={report.data} />}
    </main>
  )
}
