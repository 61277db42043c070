-- the shelf a run was planned from; runs from before this have none and read the present shelf
alter table bench_run add column shelf clob;
