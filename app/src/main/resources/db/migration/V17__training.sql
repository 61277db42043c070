-- what somebody answered on the training floor; nothing of it touches jobs, stock or history
create table training_answer (
  id uuid primary key,
  person varchar(80) not null,
  lesson varchar(60) not null,
  seed bigint not null,
  level integer not null,
  mark varchar(20) not null,
  score integer not null,
  test_id uuid,
  answered_at timestamp not null
);

create index training_answer_person on training_answer (person, answered_at);

-- what must be passed before somebody may do a work alone
create table training_gate (
  work varchar(40) primary key,
  course varchar(40) not null
);
