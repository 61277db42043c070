-- A test spot says what the cloth shows, as every other look does: "soil" is soil that comes, "stuck" soil that stays.
update bench_entry set seen = 'stuck' where seen = 'soil' and task_id like 'test-%';
update bench_entry set seen = 'soil' where seen = 'clean' and task_id like 'test-%';
