-- how long customers are kept after their last visit; one row once the shop has said
create table retention (
  id int primary key,
  years int
);

-- when a customer was written down; who was there before counts from now
alter table customer add column since timestamp;
update customer set since = localtimestamp;
alter table customer alter column since set not null;
