-- whose session made it, by the member's id; null for what was made before or by nobody in particular
alter table bench_entry add column made_by uuid;
alter table reading add column made_by uuid;
alter table photo add column made_by uuid;
alter table quote add column made_by uuid;
alter table job_revision add column made_by uuid;
alter table mixed_bottle add column made_by uuid;
alter table treatment add column made_by uuid;
alter table bottle_movement add column made_by uuid;
alter table shelf_item_version add column made_by uuid;
alter table acknowledgement add column made_by uuid;
alter table care_done add column made_by uuid;
alter table report_link add column made_by uuid;
alter table safety_sheet add column made_by uuid;
alter table training_answer add column made_by uuid;

-- names that are a member's own are theirs; others stay names
update bench_entry set made_by = (select m.id from crew_member m where m.name = by_whom);
update training_answer set made_by = (select m.id from crew_member m where m.name = person);
