-- Care is known again by its code; what was noted before had its English alone.
alter table care_done add column code varchar(200);
