-- the day asks for what is open or lately begun, of ten years of jobs
create index job_state_start on job (state, start_at);
