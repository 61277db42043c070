-- one quote of a job after another; what was quoted never changes, only what became of it
create table quote (
  id uuid primary key,
  job_id uuid not null references job (id),
  number int not null,
  state varchar(20) not null,
  document clob not null,
  quoted_at timestamp not null,
  agreed_at timestamp,
  done_at timestamp,
  version int not null,
  constraint quote_number unique (job_id, number)
);
