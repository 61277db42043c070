-- One invented job for each row of "seed": a demo job as it was, moved to another day and vehicle.
insert into customer (id, name, phone, standard, sheen, protection, climate, uses, km_a_year, since, version)
  select s.customer, max(s.customer_name), max(s.phone), 'thorough', 'matt', 'none', 'temperate', '', 12000, dateadd(day, min(s.days), localtimestamp), 0
  from seed s where not exists (select 1 from customer c where c.id = s.customer) group by s.customer;

insert into vehicle (id, label, plate, layout, drive, built_year, history_known, customer_id, version)
  select s.vehicle, max(s.label), max(s.plate), max(j.layout), 'left', 2019, false, max(s.customer), 0
  from seed s join job j on j.id = s.source
  where not exists (select 1 from vehicle v where v.id = s.vehicle) group by s.vehicle;

insert into job (id, title, vehicle_label, layout, start_at, return_by, state, current_revision, surveyed,
    created_at, version, vehicle_id, handed_over_at)
  select s.job, j.title, s.label, j.layout, dateadd(day, s.days, j.start_at), dateadd(day, s.days, j.return_by),
    s.state, 1, j.surveyed, dateadd(day, s.days, j.created_at), 0, s.vehicle,
    case when s.state = 'HANDED_OVER' then dateadd(hour, 10, dateadd(day, s.days, j.start_at)) end
  from seed s join job j on j.id = s.source;

insert into job_revision (id, job_id, number, parent, what, at, document)
  select random_uuid(), s.job, 1, 0, r.what, dateadd(day, s.days, r.at),
    replace(replace(r.document, s.was, s.now), s.back_was, s.back_now)
  from seed s join job j on j.id = s.source
    join job_revision r on r.job_id = j.id and r.number = j.current_revision;

insert into bench_run (job_id, started_at, plan, shelf, tasks_total, tasks_done, cards_total, cards_done, version)
  select s.job, dateadd(day, s.days, b.started_at), replace(b.plan, s.was, s.now), b.shelf,
    b.tasks_total, b.tasks_done, b.cards_total, b.cards_done, 0
  from seed s join bench_run b on b.job_id = s.source where s.state <> 'SURVEY';

insert into bench_entry (id, job_id, task_id, kind, at, recorded_at, position, by_whom, seen, reason, detail)
  select random_uuid(), s.job, e.task_id, e.kind, dateadd(day, s.days, e.at), dateadd(day, s.days, e.recorded_at),
    e.position, e.by_whom, e.seen, e.reason, e.detail
  from seed s join bench_entry e on e.job_id = s.source where s.state <> 'SURVEY';

insert into treatment (id, vehicle_id, job_id, surface_id, panel, done_on, step, product_id, product, ratio, ph,
    contact_min, passes, coated, stiffness)
  select random_uuid(), s.vehicle, s.job, t.surface_id, t.panel, dateadd(day, s.days, t.done_on), t.step,
    t.product_id, t.product, t.ratio, t.ph, t.contact_min, t.passes, t.coated, t.stiffness
  from seed s join treatment t on t.job_id = s.source where s.state = 'HANDED_OVER';

insert into reading (id, job_id, surface_id, product_id, ratio, instrument, amount, device, simulated, at)
  select random_uuid(), s.job, r.surface_id, r.product_id, r.ratio, r.instrument, r.amount, r.device,
    r.simulated, dateadd(day, s.days, r.at)
  from seed s join reading r on r.job_id = s.source;

insert into photo (id, job_id, surface_id, moment, caption, width, height, bytes, line, at)
  select s.photo, s.job, p.surface_id, p.moment, p.caption, p.width, p.height, p.bytes, p.line,
    dateadd(day, s.days, p.at)
  from seed s join photo p on p.id = s.photo_source;
