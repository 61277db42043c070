import { queryOptions } from '@tanstack/react-query'
import { api, need } from './client'

export const dayQuery = queryOptions({ queryKey: ['day'], queryFn: () => need(api.GET('/api/v1/day')) })

export const layoutsQuery = queryOptions({
  queryKey: ['layouts'],
  queryFn: () => need(api.GET('/api/v1/layouts')),
  staleTime: Infinity,
})

export const layoutQuery = (code: string, drive: string) =>
  queryOptions({
    queryKey: ['layout', code, drive],
    queryFn: () => need(api.GET('/api/v1/layouts/{code}', { params: { path: { code }, query: { drive } } })),
    staleTime: Infinity,
  })

export const finishesQuery = queryOptions({
  queryKey: ['finishes'],
  queryFn: () => need(api.GET('/api/v1/finishes')),
  staleTime: Infinity,
})

export const startersQuery = queryOptions({
  queryKey: ['shelf', 'starters'],
  queryFn: () => need(api.GET('/api/v1/shelf/starters')),
})

export const shelfQuery = queryOptions({ queryKey: ['shelf'], queryFn: () => need(api.GET('/api/v1/shelf')) })

/** Each bottle with the pH its ratios come to; read again with the shelf. */
export const scalesQuery = queryOptions({
  queryKey: ['shelf', 'scales'],
  queryFn: () => need(api.GET('/api/v1/shelf/scales')),
})

const path = (id: string) => ({ params: { path: { id } } })

export const jobQuery = (id: string) =>
  queryOptions({ queryKey: ['job', id], queryFn: () => need(api.GET('/api/v1/jobs/{id}', path(id))) })

export const planQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'plan'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/plan', path(id))),
  })

export const outcomesQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'outcomes'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/outcomes', path(id))),
  })

export const matchQuery = (id: string, surfaceId: string) =>
  queryOptions({
    queryKey: ['job', id, 'match', surfaceId],
    queryFn: () =>
      need(api.GET('/api/v1/jobs/{id}/surfaces/{surfaceId}/match', { params: { path: { id, surfaceId } } })),
  })

export const matrixQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'matrix'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/matrix', path(id))),
  })

export const whyQuery = (id: string, surfaceId: string, itemId: string) =>
  queryOptions({
    queryKey: ['job', id, 'why', surfaceId, itemId],
    queryFn: () =>
      need(
        api.GET('/api/v1/jobs/{id}/surfaces/{surfaceId}/why/{itemId}', {
          params: { path: { id, surfaceId, itemId } },
        }),
      ),
  })

export const houseRulesQuery = queryOptions({
  queryKey: ['house-rules'],
  queryFn: () => need(api.GET('/api/v1/house-rules')),
})

export const jobRulesQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'house-rules'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/house-rules', path(id))),
  })

export const ruleEffectQuery = (id: string, key: string, school: string) =>
  queryOptions({
    queryKey: ['job', id, 'rule-effect', key, school],
    queryFn: () =>
      need(
        api.GET('/api/v1/jobs/{id}/house-rules/{key}/{school}', { params: { path: { id, key, school } } }),
      ),
  })

export const benchQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'bench'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/bench', path(id))),
  })

export const recordQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'bench', 'record'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/bench/record', path(id))),
  })

export const careQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'care'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/care', path(id))),
  })

export const learningQuery = queryOptions({
  queryKey: ['learning'],
  queryFn: () => need(api.GET('/api/v1/learning')),
})

export const handoverQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'handover'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/handover', path(id))),
  })

export const identifyQuery = (role: string, answers: Record<string, string>) =>
  queryOptions({
    queryKey: ['identify', role, answers],
    queryFn: () => need(api.POST('/api/v1/identify', { body: { role, answers } })),
    staleTime: Infinity,
  })

export const readingsQuery = (id: string) =>
  queryOptions({
    queryKey: ['readings', id],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/readings', path(id))),
  })

export const photosQuery = (id: string) =>
  queryOptions({
    queryKey: ['photos', id],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/photos', path(id))),
  })

export const damageQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'damage'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/damage', path(id))),
  })

export const customersQuery = (q: string) =>
  queryOptions({
    queryKey: ['customers', q],
    queryFn: () => need(api.GET('/api/v1/customers', { params: { query: { q } } })),
  })

export const customerQuery = (id: string) =>
  queryOptions({
    queryKey: ['customer', id],
    queryFn: () => need(api.GET('/api/v1/customers/{id}', path(id))),
  })

export const vehiclesQuery = (q: string) =>
  queryOptions({
    queryKey: ['vehicles', q],
    queryFn: () => need(api.GET('/api/v1/vehicles', { params: { query: { q } } })),
  })

export const vehicleQuery = (id: string) =>
  queryOptions({ queryKey: ['vehicle', id], queryFn: () => need(api.GET('/api/v1/vehicles/{id}', path(id))) })

export const historyQuery = (id: string) =>
  queryOptions({
    queryKey: ['vehicle', id, 'history'],
    queryFn: () => need(api.GET('/api/v1/vehicles/{id}/history', path(id))),
  })

export const fleetsQuery = queryOptions({
  queryKey: ['fleets'],
  queryFn: () => need(api.GET('/api/v1/fleets')),
})

export const shopQuery = queryOptions({ queryKey: ['shop'], queryFn: () => need(api.GET('/api/v1/shop')) })

export const productQuery = (id: string) =>
  queryOptions({
    queryKey: ['shelf', 'product', id],
    queryFn: () => need(api.GET('/api/v1/shelf/products/{id}', path(id))),
  })

export const toolQuery = (id: string) =>
  queryOptions({
    queryKey: ['shelf', 'tool', id],
    queryFn: () => need(api.GET('/api/v1/shelf/tools/{id}', path(id))),
  })

export const clothsQuery = queryOptions({
  queryKey: ['shelf', 'cloths'],
  queryFn: () => need(api.GET('/api/v1/shelf/cloths')),
})

export const neverMixQuery = queryOptions({
  queryKey: ['shelf', 'never-mix'],
  queryFn: () => need(api.GET('/api/v1/shelf/never-mix')),
})

export const hazardsQuery = queryOptions({
  queryKey: ['shelf', 'hazards'],
  queryFn: () => need(api.GET('/api/v1/shelf/hazards')),
})

export const archiveQuery = queryOptions({
  queryKey: ['shelf', 'archive'],
  queryFn: () => need(api.GET('/api/v1/shelf/archive')),
})

export const needsQuery = (days: number) =>
  queryOptions({
    queryKey: ['shelf', 'needs', days],
    queryFn: () => need(api.GET('/api/v1/needs', { params: { query: { days } } })),
  })

export const retentionQuery = queryOptions({
  queryKey: ['retention'],
  queryFn: () => need(api.GET('/api/v1/retention')),
})

export const backupsQuery = queryOptions({
  queryKey: ['backups'],
  queryFn: () => need(api.GET('/api/v1/backups')),
})

export const searchQuery = (q: string) =>
  queryOptions({
    queryKey: ['search', q],
    queryFn: () => need(api.GET('/api/v1/search', { params: { query: { q } } })),
  })

export const timetableQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'timetable'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/timetable', path(id))),
  })

export const offersQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'offers'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/timetable/offers', path(id))),
  })

export const standardsQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'standards'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/standards', path(id))),
  })

export const levelsQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'levels'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/quote/levels', path(id))),
    placeholderData: (before) => before,
  })

export const quoteQuery = (id: string, declined: string[]) =>
  queryOptions({
    queryKey: ['job', id, 'quote', declined],
    queryFn: () =>
      need(api.GET('/api/v1/jobs/{id}/quote', { params: { path: { id }, query: { declined } } })),
    placeholderData: (before) => before,
  })

export const weekQuery = (from?: string) =>
  queryOptions({
    queryKey: ['week', from],
    queryFn: () => need(api.GET('/api/v1/week', { params: { query: { from } } })),
  })

export const forecastQuery = (id: string, revision: number) =>
  queryOptions({
    queryKey: ['job', id, 'forecast', revision],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/forecast', path(id))),
  })

export const dayMixQuery = queryOptions({
  queryKey: ['mix', 'day'],
  queryFn: () => need(api.GET('/api/v1/mix/day')),
})

export const mixedQuery = queryOptions({
  queryKey: ['mix', 'mixed'],
  queryFn: () => need(api.GET('/api/v1/mix/mixed')),
})

export const workQuery = queryOptions({
  queryKey: ['day', 'work'],
  queryFn: () => need(api.GET('/api/v1/work')),
})

export const watchQuery = queryOptions({ queryKey: ['watch'], queryFn: () => need(api.GET('/api/v1/watch')) })

export const linksQuery = (id: string) =>
  queryOptions({
    queryKey: ['job', id, 'links'],
    queryFn: () => need(api.GET('/api/v1/jobs/{id}/handover/links', path(id))),
  })

export const reportQuery = (token: string) =>
  queryOptions({
    queryKey: ['report', token],
    queryFn: () => need(api.GET('/api/v1/reports/{token}', { params: { path: { token } } })),
  })

export const trainingQuery = queryOptions({
  queryKey: ['training'],
  queryFn: () => need(api.GET('/api/v1/training')),
})

export const learnerQuery = (person: string) =>
  queryOptions({
    queryKey: ['training', 'learner', person],
    queryFn: () => need(api.GET('/api/v1/training/learners/{person}', { params: { path: { person } } })),
    enabled: person !== '',
  })

const asked = (lesson: string, seed: number, level: number) => ({
  params: { path: { lesson }, query: { seed, level } },
})

/** Exercises never change: one that was fetched is there without a line. */
export const exerciseQuery = (lesson: string, seed: number, level: number) =>
  queryOptions({
    queryKey: ['exercise', lesson, seed, level],
    queryFn: () => need(api.GET('/api/v1/training/lessons/{lesson}/exercise', asked(lesson, seed, level))),
    staleTime: Infinity,
  })

export const handWorkQuery = (lesson: string, seed: number, level: number) =>
  queryOptions({
    queryKey: ['hand-work', lesson, seed, level],
    queryFn: () => need(api.GET('/api/v1/training/lessons/{lesson}/panel', asked(lesson, seed, level))),
    staleTime: Infinity,
  })

export const coatWorkQuery = (lesson: string, seed: number, level: number) =>
  queryOptions({
    queryKey: ['coat-work', lesson, seed, level],
    queryFn: () => need(api.GET('/api/v1/training/lessons/{lesson}/coat', asked(lesson, seed, level))),
    staleTime: Infinity,
  })

export const schoolsQuery = (lesson: string, seed: number, level: number) =>
  queryOptions({
    queryKey: ['schools', lesson, seed, level],
    queryFn: () => need(api.GET('/api/v1/training/lessons/{lesson}/schools', asked(lesson, seed, level))),
    staleTime: Infinity,
  })

/** A master's run of the same panel or coating. */
export const referenceQuery = (lesson: string, seed: number, level: number) =>
  queryOptions({
    queryKey: ['reference', lesson, seed, level],
    queryFn: () => need(api.GET('/api/v1/training/lessons/{lesson}/reference', asked(lesson, seed, level))),
    staleTime: Infinity,
  })

export const trialsQuery = (id: string, surfaceId: string) =>
  queryOptions({
    queryKey: ['job', id, 'trials', surfaceId],
    queryFn: () =>
      need(api.GET('/api/v1/jobs/{id}/surfaces/{surfaceId}/trials', { params: { path: { id, surfaceId } } })),
  })

export const modelQuery = (id: string, surfaceId: string, seed: number) =>
  queryOptions({
    queryKey: ['job', id, 'model', surfaceId, seed],
    queryFn: () =>
      need(
        api.GET('/api/v1/jobs/{id}/surfaces/{surfaceId}/model', {
          params: { path: { id, surfaceId }, query: { seed } },
        }),
      ),
  })

export const networkQuery = queryOptions({
  queryKey: ['network'],
  queryFn: () => need(api.GET('/api/v1/network')),
})
