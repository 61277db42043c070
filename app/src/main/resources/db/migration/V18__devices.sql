-- devices that were let in on the shop's network; of a token only its hash
create table device (
  id uuid primary key,
  name varchar(60) not null,
  token_hash varchar(64) not null unique,
  paired_at timestamp not null,
  seen_at timestamp not null,
  cut_off_at timestamp
);
