create table shop (
  id int primary key,
  settings clob not null,
  version int not null
);
