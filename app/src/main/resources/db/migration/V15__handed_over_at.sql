-- since when a record stands: what is put right later is told as such; unknown for older hand-overs
alter table job add column handed_over_at timestamp;
