-- how many cards a run has and how many are through; unknown of runs begun before they were counted
alter table bench_run add column cards_total int;
alter table bench_run add column cards_done int;
