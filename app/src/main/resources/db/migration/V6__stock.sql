alter table shelf_item add column archived boolean default false not null;

-- every record an item had before; what a job used is never lost
create table shelf_item_version (
  id uuid primary key,
  item_id varchar(80) not null references shelf_item (id),
  record clob not null,
  until timestamp not null
);

create index shelf_item_version_item on shelf_item_version (item_id, until);

create table bottle (
  id uuid primary key,
  product_id varchar(80) not null references shelf_item (id),
  size_ml double precision not null,
  left_ml double precision not null,
  opened_on date,
  expires_on date,
  batch varchar(60),
  thrown boolean not null,
  version int not null
);

create index bottle_product on bottle (product_id);

create table bottle_movement (
  id uuid primary key,
  bottle_id uuid not null references bottle (id),
  ml double precision not null,
  why varchar(20) not null,
  job_id uuid references job (id),
  at timestamp not null
);

create index bottle_movement_job on bottle_movement (job_id);

create table cloth_lot (
  tool_id varchar(80) primary key references shelf_item (id),
  colour varchar(40),
  faces int not null,
  uses varchar(100) not null,
  to_wash int not null,
  thrown int not null
);

create table safety_sheet (
  product_id varchar(80) primary key references shelf_item (id),
  link varchar(500),
  file_name varchar(200),
  bytes bigint
);
