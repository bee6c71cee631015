-- last year's figures of a client whose last year is not kept here, as they came with a folder
create table prior_line (
  engagement integer not null references engagement (id),
  line text not null,
  amount integer not null,
  primary key (engagement, line)
) strict, without rowid;

alter table engagement add column prior_end text;

-- what the client owes: notes that wait for an answer, with the day they were sent and the day the answer came
alter table note add column asks integer not null default 0;
alter table note add column asked_on text not null default '';
alter table note add column came_on text not null default '';
create index note_asked on note (engagement) where asks = 1;

-- how sure a suggestion is, once read out of its words
alter table mapping add column confidence integer not null default 0;
update mapping set
  confidence = cast(substr(reason, 1, instr(reason, ' % sure') - 1) as integer),
  reason = substr(reason, instr(reason, ' % sure, ') + 9)
where confirmed = 0 and instr(reason, ' % sure, ') between 2 and 4;
