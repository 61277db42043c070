-- how stiff the tool was: what a year of brushing has cost a finish is summed from it
alter table treatment add column stiffness int;
