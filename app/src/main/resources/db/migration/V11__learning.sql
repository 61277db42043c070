-- what panels took, against a plan without experience; written once, at hand-over
create table learned_case (
  id uuid primary key,
  job_id uuid not null references job (id),
  surface_id varchar(80) not null,
  finish varchar(80) not null,
  soil varchar(20) not null,
  planned_min double precision not null,
  minutes double precision not null,
  planned_passes double precision not null,
  passes int not null
);

create index learned_case_job on learned_case (job_id);

-- whether the shop plans with it; one row
create table learning (
  id int primary key,
  counts boolean not null
);
