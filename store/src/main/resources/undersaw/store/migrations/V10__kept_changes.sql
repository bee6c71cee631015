-- whether a figure waits to be confirmed, once read out of who typed it
alter table fact add column waits integer not null default 0 check (waits in (0, 1));
update fact set waits = 1 where typed_by = 'from last year';

-- Each row that a revision writes, as it stood and as it stands: undo, the trail and earlier revisions rest on it, and
-- no route can forget it, since the tables themselves note it down. Rows are kept with all their columns, in the order
-- of the table; who gives a table another column makes its triggers anew.
create table row_change (
  id integer primary key,
  engagement integer not null,
  revision integer not null,
  held_in text not null,
  place text not null,
  before text,
  after text,
  check (before is not null or after is not null)
) strict;

create index row_change_of_revision on row_change (engagement, revision, id);
create index row_change_of_row on row_change (held_in, place, id);

create trigger row_change_is_never_changed before update on row_change
begin select raise(abort, 'a kept change is never changed'); end;

create trigger row_change_is_never_removed before delete on row_change
begin select raise(abort, 'a kept change is never removed'); end;

-- The revision that is being written; empty between transactions.
create table revision_in_hand (
  engagement integer primary key,
  revision integer not null
) strict;

-- Who made each revision, and where undo and redo lead from it.
create table revision (
  engagement integer not null references engagement (id) on delete cascade,
  revision integer not null,
  person text not null,
  what text not null,
  last_made integer,
  last_taken_back integer,
  primary key (engagement, revision)
) strict, without rowid;

-- account

create trigger account_comes after insert on account when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'account', new.engagement || '|' || new.number,
    null,
    json_object('engagement', new.engagement, 'number', new.number, 'name', new.name, 'statement', new.statement,
      'opening', new.opening, 'closing', new.closing)
  from revision_in_hand;
end;

create trigger account_goes after delete on account when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'account', old.engagement || '|' || old.number,
    json_object('engagement', old.engagement, 'number', old.number, 'name', old.name, 'statement', old.statement,
      'opening', old.opening, 'closing', old.closing),
    null
  from revision_in_hand;
end;

create trigger account_changes after update on account when
  (old.name is not new.name or old.statement is not new.statement or old.opening is not new.opening or
  old.closing is not new.closing)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'account', new.engagement || '|' || new.number,
    json_object('engagement', old.engagement, 'number', old.number, 'name', old.name, 'statement', old.statement,
      'opening', old.opening, 'closing', old.closing),
    json_object('engagement', new.engagement, 'number', new.number, 'name', new.name, 'statement', new.statement,
      'opening', new.opening, 'closing', new.closing)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'account', each.engagement || '|' || each.number, null,
    json_object('engagement', each.engagement, 'number', each.number, 'name', each.name,
      'statement', each.statement, 'opening', each.opening, 'closing', each.closing)
from account each;

-- mapping

create trigger mapping_comes after insert on mapping when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping', new.engagement || '|' || new.account,
    null,
    json_object('engagement', new.engagement, 'account', new.account, 'line', new.line, 'treatment', new.treatment,
      'confirmed', new.confirmed, 'reason', new.reason, 'partner', new.partner,
      'confidence', new.confidence)
  from revision_in_hand;
end;

create trigger mapping_goes after delete on mapping when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping', old.engagement || '|' || old.account,
    json_object('engagement', old.engagement, 'account', old.account, 'line', old.line, 'treatment', old.treatment,
      'confirmed', old.confirmed, 'reason', old.reason, 'partner', old.partner,
      'confidence', old.confidence),
    null
  from revision_in_hand;
end;

create trigger mapping_changes after update on mapping when
  (old.line is not new.line or old.treatment is not new.treatment or old.confirmed is not new.confirmed or
  old.reason is not new.reason or old.partner is not new.partner or old.confidence is not new.confidence)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping', new.engagement || '|' || new.account,
    json_object('engagement', old.engagement, 'account', old.account, 'line', old.line, 'treatment', old.treatment,
      'confirmed', old.confirmed, 'reason', old.reason, 'partner', old.partner,
      'confidence', old.confidence),
    json_object('engagement', new.engagement, 'account', new.account, 'line', new.line, 'treatment', new.treatment,
      'confirmed', new.confirmed, 'reason', new.reason, 'partner', new.partner,
      'confidence', new.confidence)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'mapping', each.engagement || '|' || each.account, null,
    json_object('engagement', each.engagement, 'account', each.account, 'line', each.line,
      'treatment', each.treatment, 'confirmed', each.confirmed, 'reason', each.reason,
      'partner', each.partner, 'confidence', each.confidence)
from mapping each;

-- mapping_split

create trigger mapping_split_comes after insert on mapping_split when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping_split', new.engagement || '|' || new.account || '|' || new.place,
    null,
    json_object('engagement', new.engagement, 'account', new.account, 'place', new.place, 'line', new.line,
      'treatment', new.treatment, 'percent', new.percent, 'amount', new.amount)
  from revision_in_hand;
end;

create trigger mapping_split_goes after delete on mapping_split when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping_split', old.engagement || '|' || old.account || '|' || old.place,
    json_object('engagement', old.engagement, 'account', old.account, 'place', old.place, 'line', old.line,
      'treatment', old.treatment, 'percent', old.percent, 'amount', old.amount),
    null
  from revision_in_hand;
end;

create trigger mapping_split_changes after update on mapping_split when
  (old.line is not new.line or old.treatment is not new.treatment or old.percent is not new.percent or
  old.amount is not new.amount)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'mapping_split', new.engagement || '|' || new.account || '|' || new.place,
    json_object('engagement', old.engagement, 'account', old.account, 'place', old.place, 'line', old.line,
      'treatment', old.treatment, 'percent', old.percent, 'amount', old.amount),
    json_object('engagement', new.engagement, 'account', new.account, 'place', new.place, 'line', new.line,
      'treatment', new.treatment, 'percent', new.percent, 'amount', new.amount)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'mapping_split', each.engagement || '|' || each.account || '|' || each.place, null,
    json_object('engagement', each.engagement, 'account', each.account, 'place', each.place, 'line', each.line,
      'treatment', each.treatment, 'percent', each.percent, 'amount', each.amount)
from mapping_split each;

-- fact

create trigger fact_comes after insert on fact when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'fact', new.engagement || '|' || new.line || '|' || new.instance,
    null,
    json_object('engagement', new.engagement, 'line', new.line, 'instance', new.instance, 'value', new.value,
      'reason', new.reason, 'typed_by', new.typed_by, 'waits', new.waits)
  from revision_in_hand;
end;

create trigger fact_goes after delete on fact when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'fact', old.engagement || '|' || old.line || '|' || old.instance,
    json_object('engagement', old.engagement, 'line', old.line, 'instance', old.instance, 'value', old.value,
      'reason', old.reason, 'typed_by', old.typed_by, 'waits', old.waits),
    null
  from revision_in_hand;
end;

create trigger fact_changes after update on fact when
  (old.value is not new.value or old.reason is not new.reason or old.typed_by is not new.typed_by or
  old.waits is not new.waits)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'fact', new.engagement || '|' || new.line || '|' || new.instance,
    json_object('engagement', old.engagement, 'line', old.line, 'instance', old.instance, 'value', old.value,
      'reason', old.reason, 'typed_by', old.typed_by, 'waits', old.waits),
    json_object('engagement', new.engagement, 'line', new.line, 'instance', new.instance, 'value', new.value,
      'reason', new.reason, 'typed_by', new.typed_by, 'waits', new.waits)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'fact', each.engagement || '|' || each.line || '|' || each.instance, null,
    json_object('engagement', each.engagement, 'line', each.line, 'instance', each.instance, 'value', each.value,
      'reason', each.reason, 'typed_by', each.typed_by, 'waits', each.waits)
from fact each;

-- payment

create trigger payment_comes after insert on payment when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'payment', new.engagement || '|' || new.place,
    null,
    json_object('engagement', new.engagement, 'place', new.place, 'paid', new.paid, 'kind', new.kind,
      'amount', new.amount)
  from revision_in_hand;
end;

create trigger payment_goes after delete on payment when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'payment', old.engagement || '|' || old.place,
    json_object('engagement', old.engagement, 'place', old.place, 'paid', old.paid, 'kind', old.kind,
      'amount', old.amount),
    null
  from revision_in_hand;
end;

create trigger payment_changes after update on payment when
  (old.paid is not new.paid or old.kind is not new.kind or old.amount is not new.amount)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'payment', new.engagement || '|' || new.place,
    json_object('engagement', old.engagement, 'place', old.place, 'paid', old.paid, 'kind', old.kind,
      'amount', old.amount),
    json_object('engagement', new.engagement, 'place', new.place, 'paid', new.paid, 'kind', new.kind,
      'amount', new.amount)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'payment', each.engagement || '|' || each.place, null,
    json_object('engagement', each.engagement, 'place', each.place, 'paid', each.paid, 'kind', each.kind,
      'amount', each.amount)
from payment each;

-- carryover

create trigger carryover_comes after insert on carryover when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'carryover', new.engagement || '|' || new.place,
    null,
    json_object('engagement', new.engagement, 'place', new.place, 'kind', new.kind, 'year', new.year,
      'amount', new.amount)
  from revision_in_hand;
end;

create trigger carryover_goes after delete on carryover when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'carryover', old.engagement || '|' || old.place,
    json_object('engagement', old.engagement, 'place', old.place, 'kind', old.kind, 'year', old.year,
      'amount', old.amount),
    null
  from revision_in_hand;
end;

create trigger carryover_changes after update on carryover when
  (old.kind is not new.kind or old.year is not new.year or old.amount is not new.amount)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'carryover', new.engagement || '|' || new.place,
    json_object('engagement', old.engagement, 'place', old.place, 'kind', old.kind, 'year', old.year,
      'amount', old.amount),
    json_object('engagement', new.engagement, 'place', new.place, 'kind', new.kind, 'year', new.year,
      'amount', new.amount)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'carryover', each.engagement || '|' || each.place, null,
    json_object('engagement', each.engagement, 'place', each.place, 'kind', each.kind, 'year', each.year,
      'amount', each.amount)
from carryover each;

-- entry_posting

create trigger entry_posting_comes after insert on entry_posting when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'entry_posting', new.engagement || '|' || new.place,
    null,
    json_object('engagement', new.engagement, 'place', new.place, 'entry', new.entry, 'kind', new.kind,
      'dated', new.dated, 'memo', new.memo, 'account', new.account, 'amount', new.amount,
      'repeats', new.repeats)
  from revision_in_hand;
end;

create trigger entry_posting_goes after delete on entry_posting when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'entry_posting', old.engagement || '|' || old.place,
    json_object('engagement', old.engagement, 'place', old.place, 'entry', old.entry, 'kind', old.kind,
      'dated', old.dated, 'memo', old.memo, 'account', old.account, 'amount', old.amount,
      'repeats', old.repeats),
    null
  from revision_in_hand;
end;

create trigger entry_posting_changes after update on entry_posting when
  (old.entry is not new.entry or old.kind is not new.kind or old.dated is not new.dated or
  old.memo is not new.memo or old.account is not new.account or old.amount is not new.amount or
  old.repeats is not new.repeats)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'entry_posting', new.engagement || '|' || new.place,
    json_object('engagement', old.engagement, 'place', old.place, 'entry', old.entry, 'kind', old.kind,
      'dated', old.dated, 'memo', old.memo, 'account', old.account, 'amount', old.amount,
      'repeats', old.repeats),
    json_object('engagement', new.engagement, 'place', new.place, 'entry', new.entry, 'kind', new.kind,
      'dated', new.dated, 'memo', new.memo, 'account', new.account, 'amount', new.amount,
      'repeats', new.repeats)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'entry_posting', each.engagement || '|' || each.place, null,
    json_object('engagement', each.engagement, 'place', each.place, 'entry', each.entry, 'kind', each.kind,
      'dated', each.dated, 'memo', each.memo, 'account', each.account, 'amount', each.amount,
      'repeats', each.repeats)
from entry_posting each;

-- set_aside

create trigger set_aside_comes after insert on set_aside when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'set_aside', new.engagement || '|' || new.diagnostic,
    null,
    json_object('engagement', new.engagement, 'diagnostic', new.diagnostic, 'reason', new.reason,
      'answered_by', new.answered_by, 'saying', new.saying)
  from revision_in_hand;
end;

create trigger set_aside_goes after delete on set_aside when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'set_aside', old.engagement || '|' || old.diagnostic,
    json_object('engagement', old.engagement, 'diagnostic', old.diagnostic, 'reason', old.reason,
      'answered_by', old.answered_by, 'saying', old.saying),
    null
  from revision_in_hand;
end;

create trigger set_aside_changes after update on set_aside when
  (old.reason is not new.reason or old.answered_by is not new.answered_by or old.saying is not new.saying)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'set_aside', new.engagement || '|' || new.diagnostic,
    json_object('engagement', old.engagement, 'diagnostic', old.diagnostic, 'reason', old.reason,
      'answered_by', old.answered_by, 'saying', old.saying),
    json_object('engagement', new.engagement, 'diagnostic', new.diagnostic, 'reason', new.reason,
      'answered_by', new.answered_by, 'saying', new.saying)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'set_aside', each.engagement || '|' || each.diagnostic, null,
    json_object('engagement', each.engagement, 'diagnostic', each.diagnostic, 'reason', each.reason,
      'answered_by', each.answered_by, 'saying', each.saying)
from set_aside each;

-- worksheet_row

create trigger worksheet_row_comes after insert on worksheet_row when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'worksheet_row', new.engagement || '|' || new.line || '|' || new.instance || '|' || new.place,
    null,
    json_object('engagement', new.engagement, 'line', new.line, 'instance', new.instance, 'place', new.place,
      'description', new.description, 'amount', new.amount, 'dated', new.dated, 'note', new.note)
  from revision_in_hand;
end;

create trigger worksheet_row_goes after delete on worksheet_row when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'worksheet_row', old.engagement || '|' || old.line || '|' || old.instance || '|' || old.place,
    json_object('engagement', old.engagement, 'line', old.line, 'instance', old.instance, 'place', old.place,
      'description', old.description, 'amount', old.amount, 'dated', old.dated, 'note', old.note),
    null
  from revision_in_hand;
end;

create trigger worksheet_row_changes after update on worksheet_row when
  (old.description is not new.description or old.amount is not new.amount or old.dated is not new.dated or
  old.note is not new.note)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'worksheet_row', new.engagement || '|' || new.line || '|' || new.instance || '|' || new.place,
    json_object('engagement', old.engagement, 'line', old.line, 'instance', old.instance, 'place', old.place,
      'description', old.description, 'amount', old.amount, 'dated', old.dated, 'note', old.note),
    json_object('engagement', new.engagement, 'line', new.line, 'instance', new.instance, 'place', new.place,
      'description', new.description, 'amount', new.amount, 'dated', new.dated, 'note', new.note)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'worksheet_row', each.engagement || '|' || each.line || '|' || each.instance || '|' || each.place, null,
    json_object('engagement', each.engagement, 'line', each.line, 'instance', each.instance, 'place', each.place,
      'description', each.description, 'amount', each.amount, 'dated', each.dated, 'note', each.note)
from worksheet_row each;

-- carried

create trigger carried_comes after insert on carried when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'carried', new.engagement || '|' || new.place,
    null,
    json_object('engagement', new.engagement, 'place', new.place, 'value', new.value, 'confirmed', new.confirmed)
  from revision_in_hand;
end;

create trigger carried_goes after delete on carried when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'carried', old.engagement || '|' || old.place,
    json_object('engagement', old.engagement, 'place', old.place, 'value', old.value, 'confirmed', old.confirmed),
    null
  from revision_in_hand;
end;

create trigger carried_changes after update on carried when
  (old.value is not new.value or old.confirmed is not new.confirmed)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'carried', new.engagement || '|' || new.place,
    json_object('engagement', old.engagement, 'place', old.place, 'value', old.value, 'confirmed', old.confirmed),
    json_object('engagement', new.engagement, 'place', new.place, 'value', new.value, 'confirmed', new.confirmed)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'carried', each.engagement || '|' || each.place, null,
    json_object('engagement', each.engagement, 'place', each.place, 'value', each.value,
      'confirmed', each.confirmed)
from carried each;

-- prior_line

create trigger prior_line_comes after insert on prior_line when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'prior_line', new.engagement || '|' || new.line,
    null,
    json_object('engagement', new.engagement, 'line', new.line, 'amount', new.amount)
  from revision_in_hand;
end;

create trigger prior_line_goes after delete on prior_line when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'prior_line', old.engagement || '|' || old.line,
    json_object('engagement', old.engagement, 'line', old.line, 'amount', old.amount),
    null
  from revision_in_hand;
end;

create trigger prior_line_changes after update on prior_line when
  (old.amount is not new.amount)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'prior_line', new.engagement || '|' || new.line,
    json_object('engagement', old.engagement, 'line', old.line, 'amount', old.amount),
    json_object('engagement', new.engagement, 'line', new.line, 'amount', new.amount)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select engagement, 0, 'prior_line', each.engagement || '|' || each.line, null,
    json_object('engagement', each.engagement, 'line', each.line, 'amount', each.amount)
from prior_line each;

-- engagement

create trigger engagement_comes after insert on engagement when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'engagement', new.id,
    null,
    json_object('id', new.id, 'client', new.client, 'form', new.form, 'start', new.start, 'until', new.until,
      'method', new.method, 'flags', new.flags, 'source_file', new.source_file,
      'source_ledger', new.source_ledger, 'prior_end', new.prior_end)
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
      'source_ledger', old.source_ledger, 'prior_end', old.prior_end),
    json_object('id', new.id, 'client', new.client, 'form', new.form, 'start', new.start, 'until', new.until,
      'method', new.method, 'flags', new.flags, 'source_file', new.source_file,
      'source_ledger', new.source_ledger, 'prior_end', new.prior_end)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select id, 0, 'engagement', each.id, null,
    json_object('id', each.id, 'client', each.client, 'form', each.form, 'start', each.start, 'until', each.until,
      'method', each.method, 'flags', each.flags, 'source_file', each.source_file,
      'source_ledger', each.source_ledger, 'prior_end', each.prior_end)
from engagement each;

-- client

create trigger client_comes after insert on client when exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'client', new.id,
    null,
    json_object('id', new.id, 'name', new.name, 'number', new.number, 'line1', new.line1, 'line2', new.line2,
      'city', new.city, 'region', new.region, 'postal_code', new.postal_code, 'country', new.country,
      'formed', new.formed, 'formed_in', new.formed_in, 'activity_code', new.activity_code,
      'activity', new.activity, 'product', new.product, 'contact_name', new.contact_name,
      'contact_title', new.contact_title, 'contact_phone', new.contact_phone,
      'contact_email', new.contact_email)
  from revision_in_hand;
end;

create trigger client_changes after update on client when
  (old.name is not new.name or old.number is not new.number or old.line1 is not new.line1 or
  old.line2 is not new.line2 or old.city is not new.city or old.region is not new.region or
  old.postal_code is not new.postal_code or old.country is not new.country or
  old.formed is not new.formed or old.formed_in is not new.formed_in or
  old.activity_code is not new.activity_code or old.activity is not new.activity or
  old.product is not new.product or old.contact_name is not new.contact_name or
  old.contact_title is not new.contact_title or old.contact_phone is not new.contact_phone or
  old.contact_email is not new.contact_email)
  and exists (select 1 from revision_in_hand)
begin
  insert into row_change (engagement, revision, held_in, place, before, after)
  select engagement, revision, 'client', new.id,
    json_object('id', old.id, 'name', old.name, 'number', old.number, 'line1', old.line1, 'line2', old.line2,
      'city', old.city, 'region', old.region, 'postal_code', old.postal_code, 'country', old.country,
      'formed', old.formed, 'formed_in', old.formed_in, 'activity_code', old.activity_code,
      'activity', old.activity, 'product', old.product, 'contact_name', old.contact_name,
      'contact_title', old.contact_title, 'contact_phone', old.contact_phone,
      'contact_email', old.contact_email),
    json_object('id', new.id, 'name', new.name, 'number', new.number, 'line1', new.line1, 'line2', new.line2,
      'city', new.city, 'region', new.region, 'postal_code', new.postal_code, 'country', new.country,
      'formed', new.formed, 'formed_in', new.formed_in, 'activity_code', new.activity_code,
      'activity', new.activity, 'product', new.product, 'contact_name', new.contact_name,
      'contact_title', new.contact_title, 'contact_phone', new.contact_phone,
      'contact_email', new.contact_email)
  from revision_in_hand;
end;

insert into row_change (engagement, revision, held_in, place, before, after)
select 0, 0, 'client', each.id, null,
    json_object('id', each.id, 'name', each.name, 'number', each.number, 'line1', each.line1, 'line2', each.line2,
      'city', each.city, 'region', each.region, 'postal_code', each.postal_code, 'country', each.country,
      'formed', each.formed, 'formed_in', each.formed_in, 'activity_code', each.activity_code,
      'activity', each.activity, 'product', each.product, 'contact_name', each.contact_name,
      'contact_title', each.contact_title, 'contact_phone', each.contact_phone,
      'contact_email', each.contact_email)
from client each;

-- Lines of the trail are signed from here on, and tied to the rows that their revision wrote.
alter table audit add column rows text not null default '';
alter table audit add column signed integer not null default 0 check (signed in (0, 1));
