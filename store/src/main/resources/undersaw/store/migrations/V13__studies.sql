-- A study is a copy of an engagement: as another kind of entity, or with other figures. As many as are wanted may
-- stand for the same client and period, so that only engagements proper are unique; for that the table is built anew.
create table engagement_anew (
  id integer primary key,
  client integer not null references client (id),
  form text not null,
  start text not null,
  until text not null,
  method text,
  flags text not null,
  revision integer not null default 1,
  source_file text not null default '',
  source_ledger integer not null default 0,
  prior_end text,
  -- the engagement that is studied; null for an engagement proper
  study_of integer references engagement (id),
  study_name text not null default ''
) strict;

insert into engagement_anew (
  id, client, form, start, until, method, flags, revision, source_file, source_ledger, prior_end)
select id, client, form, start, until, method, flags, revision, source_file, source_ledger, prior_end
from engagement;

-- other tables' triggers name the table while it is away
pragma legacy_alter_table = on;
drop table engagement;
alter table engagement_anew rename to engagement;
pragma legacy_alter_table = off;

create unique index engagement_once on engagement (client, form, start, until) where study_of is null;
create index engagement_of_study on engagement (study_of) where study_of is not null;

-- What hung on the table before, with the new columns.

create trigger engagement_comes after insert on engagement when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'engagement', new.id,
    null,
    json_object('id', new.id, 'client', new.client, 'form', new.form, 'start', new.start, 'until', new.until,
      'method', new.method, 'flags', new.flags, 'source_file', new.source_file,
      'source_ledger', new.source_ledger, 'prior_end', new.prior_end,
      'study_of', new.study_of, 'study_name', new.study_name)
  from revision_in_hand;
end;

create trigger engagement_changes after update on engagement when
  (old.client is not new.client or old.form is not new.form or old.start is not new.start or
  old.until is not new.until or old.method is not new.method or old.flags is not new.flags or
  old.source_file is not new.source_file or old.source_ledger is not new.source_ledger or
  old.prior_end is not new.prior_end)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'engagement', new.id,
    json_object('id', old.id, 'client', old.client, 'form', old.form, 'start', old.start, 'until', old.until,
      'method', old.method, 'flags', old.flags, 'source_file', old.source_file,
      'source_ledger', old.source_ledger, 'prior_end', old.prior_end,
      'study_of', old.study_of, 'study_name', old.study_name),
    json_object('id', new.id, 'client', new.client, 'form', new.form, 'start', new.start, 'until', new.until,
      'method', new.method, 'flags', new.flags, 'source_file', new.source_file,
      'source_ledger', new.source_ledger, 'prior_end', new.prior_end,
      'study_of', new.study_of, 'study_name', new.study_name)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select id, 0, 'engagement', each.id, null,
    json_object('id', each.id, 'client', each.client, 'form', each.form, 'start', each.start, 'until', each.until,
      'method', each.method, 'flags', each.flags, 'source_file', each.source_file,
      'source_ledger', each.source_ledger, 'prior_end', each.prior_end,
      'study_of', each.study_of, 'study_name', each.study_name)
from engagement each;

create trigger revision_ages_standing after update of revision on engagement
begin
  update standing set fresh = 0 where engagement in (
    select id from engagement where client = new.client and form = new.form and start >= new.start);
end;
