-- books, each list and payments wait on their own, and remember their own columns
create table staged (
  engagement integer not null references engagement (id) on delete cascade,
  target text not null,
  file text not null,
  digest text not null,
  plan text not null,
  staged_by text not null,
  primary key (engagement, target)
) strict, without rowid;

insert into staged select engagement, 'books', file, digest, plan, staged_by from staged_file;
drop table staged_file;
alter table staged rename to staged_file;

create table plan_of_columns (
  client integer not null references client (id) on delete cascade,
  target text not null,
  headings text not null,
  plan text not null,
  primary key (client, target, headings)
) strict, without rowid;

insert into plan_of_columns select client, 'books', headings, plan from column_plan;
drop table column_plan;
alter table plan_of_columns rename to column_plan;
