-- Runs and cases are asked for by their machine on every page, and there by the one that is open: both stand beside the card.
alter table drawer_card add column machine varchar(40);
alter table drawer_card add column is_open boolean default false not null;
update drawer_card set
    machine = regexp_substr(cast(body as varchar), '"machineId":"([^"]*)"', 1, 1, 'c', 1),
    is_open = body like '%"state":"OPEN"%'
    where kind in ('BALANCE', 'CASE');
create index drawer_card_of_machine on drawer_card (machine, kind, is_open, position desc);
create index drawer_card_of_kind on drawer_card (kind, position);

-- What a needle sewed since it was fitted is summed on the Bench; without the kind in it the index of all needles' work was read.
create index event_of_needle on event (needle_id, kind, seq desc);

-- A card is short: in the row it is read with it.
alter table drawer_card alter column body set data type varchar(1000000);
