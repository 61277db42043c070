import { createBrowserRouter, Navigate } from 'react-router'
import { DayView } from './day/DayView'
import { Broken } from './frame/Broken'
import { Frame } from './frame/Frame'
import { JobFrame } from './frame/JobFrame'
import { Empty, Loading } from './parts/Notice'
import { ButtonLink } from './parts/controls'
import { phrase } from './frame/phrase'

function Nowhere() {
  return (
    <div className="p-4">
      <Empty title={phrase('there-is-nothing-at-this')}>
        <ButtonLink to="/" weight="main">
          {phrase('to-the-day')}
        </ButtonLink>
      </Empty>
    </div>
  )
}

export const router = createBrowserRouter([
  {
    path: '/report/:token',
    errorElement: <Broken />,
    hydrateFallbackElement: <Loading what={phrase('fetching-the-report')} />,
    lazy: async () => ({ Component: (await import('./handover/ReportView')).ReportView }),
  },
  {
    path: '/pair',
    errorElement: <Broken />,
    hydrateFallbackElement: <Loading what={phrase('fetching-the-way-in')} />,
    lazy: async () => ({ Component: (await import('./pair/PairView')).PairView }),
  },
  {
    path: '/door',
    errorElement: <Broken />,
    hydrateFallbackElement: <Loading what={phrase('fetching-the-door')} />,
    lazy: async () => ({ Component: (await import('./crew/DoorView')).DoorView }),
  },
  {
    element: <Frame />,
    hydrateFallbackElement: <Loading what={phrase('fetching-the-page')} />,
    errorElement: <Broken />,
    children: [
      {
        errorElement: <Broken />,
        children: [
          { path: '/', element: <DayView /> },
          { path: '/week', lazy: async () => ({ Component: (await import('./week/WeekView')).WeekView }) },
          { path: '/new', lazy: async () => ({ Component: (await import('./day/NewJobView')).NewJobView }) },
          {
            path: '/shelf',
            lazy: async () => ({ Component: (await import('./shelf/ShelfView')).ShelfView }),
          },
          {
            path: '/shelf/products/new',
            lazy: async () => ({ Component: (await import('./shelf/ProductView')).ProductView }),
          },
          {
            path: '/shelf/products/:id',
            lazy: async () => ({ Component: (await import('./shelf/ProductView')).ProductView }),
          },
          {
            path: '/shelf/tools/new',
            lazy: async () => ({ Component: (await import('./shelf/ToolView')).ToolView }),
          },
          {
            path: '/shelf/tools/:id',
            lazy: async () => ({ Component: (await import('./shelf/ToolView')).ToolView }),
          },
          {
            path: '/people',
            lazy: async () => ({ Component: (await import('./people/PeopleView')).PeopleView }),
          },
          {
            path: '/customers/new',
            lazy: async () => ({ Component: (await import('./people/CustomerView')).CustomerView }),
          },
          {
            path: '/customers/:id',
            lazy: async () => ({ Component: (await import('./people/CustomerView')).CustomerView }),
          },
          {
            path: '/vehicles/new',
            lazy: async () => ({ Component: (await import('./people/VehicleView')).VehicleView }),
          },
          {
            path: '/vehicles/:id',
            lazy: async () => ({ Component: (await import('./people/VehicleView')).VehicleView }),
          },
          {
            path: '/practice',
            lazy: async () => ({ Component: (await import('./practice/PracticeView')).PracticeView }),
          },
          {
            path: '/practice/:lesson',
            lazy: async () => ({ Component: (await import('./practice/LessonView')).LessonView }),
          },
          {
            path: '/finishes',
            lazy: async () => ({ Component: (await import('./rules/FinishesView')).FinishesView }),
          },
          {
            path: '/rules',
            lazy: async () => ({ Component: (await import('./rules/RulesView')).RulesView }),
          },
          {
            path: '/mix',
            lazy: async () => ({ Component: (await import('./mix/BottlesView')).BottlesView }),
          },
          {
            path: '/cloth',
            lazy: async () => ({ Component: (await import('./cloth/ClothView')).ClothView }),
          },
          { path: '/shop/log', lazy: async () => ({ Component: (await import('./crew/LogView')).LogView }) },
          { path: '/shop', lazy: async () => ({ Component: (await import('./shop/ShopView')).ShopView }) },
          {
            path: '/jobs/:id',
            element: <JobFrame />,
            children: [
              {
                errorElement: <Broken />,
                children: [
                  { index: true, element: <Navigate to="survey" replace /> },
                  {
                    path: 'survey',
                    lazy: async () => ({ Component: (await import('./survey/SurveyView')).SurveyView }),
                  },
                  {
                    path: 'timetable',
                    lazy: async () => ({
                      Component: (await import('./timetable/TimetableView')).TimetableView,
                    }),
                  },
                  {
                    path: 'sections',
                    lazy: async () => ({ Component: (await import('./sections/SectionsView')).SectionsView }),
                  },
                  {
                    path: 'quote',
                    lazy: async () => ({ Component: (await import('./quote/QuoteView')).QuoteView }),
                  },
                  {
                    path: 'match/:surfaceId?',
                    lazy: async () => ({ Component: (await import('./match/MatchView')).MatchView }),
                  },
                  {
                    path: 'model/:surfaceId',
                    lazy: async () => ({ Component: (await import('./practice/ModelView')).ModelView }),
                  },
                  {
                    path: 'matrix',
                    lazy: async () => ({ Component: (await import('./match/MatrixView')).MatrixView }),
                  },
                  {
                    path: 'rules',
                    lazy: async () => ({ Component: (await import('./rules/JobRulesView')).JobRulesView }),
                  },
                  { path: 'mix', lazy: async () => ({ Component: (await import('./mix/MixView')).MixView }) },
                  {
                    path: 'bench',
                    lazy: async () => ({ Component: (await import('./bench/BenchView')).BenchView }),
                  },
                  {
                    path: 'care',
                    lazy: async () => ({ Component: (await import('./care/CareView')).CareView }),
                  },
                  {
                    path: 'record',
                    lazy: async () => ({ Component: (await import('./record/RecordView')).RecordView }),
                  },
                  {
                    path: 'handover',
                    lazy: async () => ({ Component: (await import('./handover/HandoverView')).HandoverView }),
                  },
                ],
              },
            ],
          },
          { path: '*', element: <Nowhere /> },
        ],
      },
    ],
  },
])
