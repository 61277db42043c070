-- after-care that was done since a job, at home or in the shop
create table care_done (
  id uuid primary key,
  job_id uuid not null references job (id),
  what varchar(200) not null,
  done_on date not null,
  place varchar(10) not null,
  note varchar(400) default '' not null
);

create index care_done_job on care_done (job_id, done_on);
