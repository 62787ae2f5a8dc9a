-- A piece of a broken needle that was not found may wait for the service, once a whole turn by hand was silent.
alter table needle add column waits boolean default false not null;
