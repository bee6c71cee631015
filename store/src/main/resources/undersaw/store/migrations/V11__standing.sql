-- How each engagement stands, as the docket shows it: written with each revision, so that the docket computes nothing.
create table standing (
  engagement integer primary key references engagement (id) on delete cascade,
  fresh integer not null check (fresh in (0, 1)),
  day text not null,
  filing text not null,
  books integer not null check (books in (0, 1)),
  stops integer not null,
  queries integer not null,
  moved integer not null,
  vital text not null,
  amount integer not null,
  due text not null,
  extended integer not null check (extended in (0, 1))
) strict;

-- Whatever a standing rests on makes it old: the engagement, years before it, its client, its filings, the law.
create trigger revision_ages_standing after update of revision on engagement
begin
  update standing set fresh = 0 where engagement in (
    select id from engagement where client = new.client and form = new.form and start >= new.start);
end;

create trigger client_ages_standing after update on client
begin
  update standing set fresh = 0 where engagement in (select id from engagement where client = new.id);
end;

create trigger filing_ages_standing after insert on filing
begin update standing set fresh = 0 where engagement = new.engagement; end;

create trigger answer_ages_standing after update of state on filing
begin update standing set fresh = 0 where engagement = new.engagement; end;

create trigger law_ages_standing after insert on law_table begin update standing set fresh = 0; end;
create trigger new_law_ages_standing after update on law_table begin update standing set fresh = 0; end;
create trigger old_law_ages_standing after delete on law_table begin update standing set fresh = 0; end;
