create table fleet (
  id uuid primary key,
  name varchar(120) not null unique,
  notes varchar(2000),
  version int not null
);

create table customer (
  id uuid primary key,
  name varchar(120) not null,
  phone varchar(40),
  email varchar(200),
  address varchar(300),
  notes varchar(2000),
  standard varchar(20),
  sheen varchar(20),
  protection varchar(20),
  climate varchar(20),
  uses varchar(200) not null,
  km_a_year int,
  version int not null
);

create table vehicle (
  id uuid primary key,
  label varchar(200) not null,
  plate varchar(20),
  layout varchar(40) not null,
  drive varchar(10),
  built_year int,
  trim_level varchar(120),
  odometer_km int,
  history_known boolean not null,
  customer_id uuid references customer (id),
  fleet_id uuid references fleet (id),
  version int not null
);

create index vehicle_customer on vehicle (customer_id);

-- what was used on a vehicle, panel by panel; outlives its customer's data
create table treatment (
  id uuid primary key,
  vehicle_id uuid not null references vehicle (id),
  job_id uuid not null references job (id),
  surface_id varchar(80) not null,
  panel varchar(200) not null,
  done_on date not null,
  step varchar(20) not null,
  product_id varchar(80) not null,
  product varchar(200) not null,
  ratio varchar(20),
  ph double precision,
  contact_min double precision,
  passes int,
  coated boolean not null
);

create index treatment_vehicle on treatment (vehicle_id, done_on);

-- jobs from before there were vehicles: one vehicle for each label and layout
insert into vehicle (id, label, layout, history_known, version)
  select random_uuid(), vehicle_label, layout, false, 0
  from (select distinct vehicle_label, layout from job);

alter table job add column vehicle_id uuid references vehicle (id);

update job set vehicle_id = (
  select v.id from vehicle v where v.label = job.vehicle_label and v.layout = job.layout);

create index job_vehicle on job (vehicle_id);
