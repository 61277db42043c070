alter table bench_event rename to bench_entry;

alter table bench_entry add column recorded_at timestamp;
update bench_entry set recorded_at = at;
alter table bench_entry alter column recorded_at set not null;
alter table bench_entry add column position int default 0 not null;
alter table bench_entry add column by_whom varchar(80) default '' not null;
alter table bench_entry add column seen varchar(20);
alter table bench_entry add column reason varchar(400) default '' not null;
alter table bench_entry add column detail clob;
