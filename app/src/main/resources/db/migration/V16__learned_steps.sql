-- what all steps of one kind took in a visit, against a plan without experience; written once, at hand-over
create table learned_step (
  id uuid primary key,
  job_id uuid not null references job (id),
  step varchar(40) not null,
  planned_min double precision not null,
  minutes double precision not null
);

create index learned_step_job on learned_step (job_id);
