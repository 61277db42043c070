-- who works here and may sign in; of secrets only hashes, of who left the name stays
create table crew_member (
  id uuid primary key,
  name varchar(80) not null unique,
  role varchar(20) not null,
  passphrase_hash varchar(300),
  pin_hash varchar(300),
  misses int not null,
  locked_until timestamp,
  since timestamp not null,
  left_at timestamp,
  version int not null
);

-- what the owner may want to know later; only ever added to
create table log_entry (
  id bigint generated always as identity primary key,
  at timestamp not null,
  who varchar(80) not null,
  kind varchar(20) not null,
  about varchar(300) not null
);

create index log_entry_at on log_entry (at);

-- sessions that outlive a restart, as Spring Session keeps them
create table spring_session (
  primary_id char(36) not null,
  session_id char(36) not null,
  creation_time bigint not null,
  last_access_time bigint not null,
  max_inactive_interval int not null,
  expiry_time bigint not null,
  principal_name varchar(100),
  constraint spring_session_pk primary key (primary_id)
);

create unique index spring_session_ix1 on spring_session (session_id);
create index spring_session_ix2 on spring_session (expiry_time);
create index spring_session_ix3 on spring_session (principal_name);

create table spring_session_attributes (
  session_primary_id char(36) not null,
  attribute_name varchar(200) not null,
  attribute_bytes longvarbinary not null,
  constraint spring_session_attributes_pk primary key (session_primary_id, attribute_name),
  constraint spring_session_attributes_fk foreign key (session_primary_id)
    references spring_session (primary_id) on delete cascade
);
