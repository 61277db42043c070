import { createBrowserRouter, Navigate } from 'react-router'
import { BenchView } from './bench/BenchView'
import { DayView } from './day/DayView'
import { NewJobView } from './day/NewJobView'
import { HandoverView } from './handover/HandoverView'
import { MatchView } from './match/MatchView'
import { MixView } from './mix/MixView'
import { Frame } from './parts/Frame'
import { JobFrame } from './parts/JobFrame'
import { Empty } from './parts/Notice'
import { ButtonLink } from './parts/controls'
import { ShelfView } from './shelf/ShelfView'
import { SurveyView } from './survey/SurveyView'

function Nowhere() {
  return (
    <div className="p-4">
      <Empty title="There is nothing at this address.">
        <ButtonLink to="/" weight="main">
          To the day
        </ButtonLink>
      </Empty>
    </div>
  )
}

export const router = createBrowserRouter([
  {
    element: <Frame />,
    children: [
      { path: '/', element: <DayView /> },
      { path: '/new', element: <NewJobView /> },
      { path: '/shelf', element: <ShelfView /> },
      {
        path: '/jobs/:id',
        element: <JobFrame />,
        children: [
          { index: true, element: <Navigate to="survey" replace /> },
          { path: 'survey', element: <SurveyView /> },
          { path: 'match/:surfaceId?', element: <MatchView /> },
          { path: 'mix', element: <MixView /> },
          { path: 'bench', element: <BenchView /> },
          { path: 'handover', element: <HandoverView /> },
        ],
      },
      { path: '*', element: <Nowhere /> },
    ],
  },
])
