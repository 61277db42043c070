-- bottles mixed and still about
create table mixed_bottle (
  id uuid primary key,
  product_id varchar(80) not null references shelf_item (id),
  ratio varchar(20) not null,
  bottle_ml double precision not null,
  product_ml double precision not null,
  job_id uuid references job (id),
  mixed_at timestamp not null,
  use_by date not null,
  poured boolean not null,
  version int not null
);
