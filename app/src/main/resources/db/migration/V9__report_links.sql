-- links that show one customer's report and nothing else; only a hash of the token is kept
create table report_link (
  id uuid primary key,
  job_id uuid not null references job (id),
  token_hash varchar(64) not null unique,
  created_at timestamp not null,
  expires_at timestamp not null,
  revoked boolean not null,
  version int not null
);

create index report_link_job on report_link (job_id);
