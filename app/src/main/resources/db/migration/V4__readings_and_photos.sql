create table reading (
  id uuid primary key,
  job_id uuid not null references job (id),
  surface_id varchar(80),
  product_id varchar(80),
  ratio varchar(20),
  instrument varchar(40) not null,
  amount double precision not null,
  device varchar(80) not null,
  simulated boolean not null,
  not_yet varchar(300),
  at timestamp not null
);

create index reading_job on reading (job_id, at);

create table photo (
  id uuid primary key,
  job_id uuid not null references job (id),
  surface_id varchar(80),
  moment varchar(20) not null,
  caption varchar(200),
  width int not null,
  height int not null,
  bytes bigint not null,
  line varchar(80),
  at timestamp not null
);

create index photo_job on photo (job_id, at);

-- damage that was there before, as the customer saw and signed for it
create table acknowledgement (
  id uuid primary key,
  job_id uuid not null references job (id),
  name varchar(120) not null,
  items clob not null,
  at timestamp not null
);

create index acknowledgement_job on acknowledgement (job_id, at);
