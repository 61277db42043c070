create table job (
  id uuid primary key,
  title varchar(200) not null,
  vehicle_label varchar(200) not null,
  layout varchar(40) not null,
  start_at timestamp not null,
  return_by timestamp,
  state varchar(20) not null,
  current_revision int not null,
  surveyed int not null,
  created_at timestamp not null,
  version int not null
);

create table job_revision (
  id uuid primary key,
  job_id uuid not null references job (id),
  number int not null,
  parent int not null,
  what varchar(200) not null,
  at timestamp not null,
  document clob not null,
  unique (job_id, number)
);

create table bench_run (
  job_id uuid primary key references job (id),
  started_at timestamp not null,
  plan clob not null,
  tasks_total int not null,
  tasks_done int not null,
  version int not null
);

create table bench_event (
  id uuid primary key,
  job_id uuid not null references job (id),
  task_id varchar(160) not null,
  kind varchar(20) not null,
  at timestamp not null
);

create index bench_event_job on bench_event (job_id, at);

create table shelf_item (
  id varchar(80) primary key,
  kind varchar(20) not null,
  position int not null,
  record clob not null
);
