-- Work, signs, places, breaks and care are events too; what follows from them for one needle is kept beside the needle and
-- worked out anew whenever an event of that needle is added or taken back, so that a long log opens as fast as a short one.
alter table event add column minutes double precision;
alter table event add column wear varchar(20);
alter table event add column note varchar(300);
alter table event add column until_at timestamp(3) with time zone;
create index event_by_machine on event (machine_id, kind, seq);

alter table needle add column state varchar(12) default 'UNKNOWN' not null;
alter table needle add column kept_at varchar(80) default '' not null;
alter table needle add column effective_hours double precision default 0 not null;
alter table needle add column minutes double precision default 0 not null;
alter table needle add column struck boolean default false not null;
alter table needle add column coated boolean default false not null;
alter table needle add column last_sign varchar(12);
alter table needle add column main_wear varchar(20);
alter table needle add column machine_id varchar(40);
alter table needle add column first_at timestamp(3) with time zone;
alter table needle add column last_at timestamp(3) with time zone;
alter table needle add column failed boolean default false not null;
alter table needle add column missing varchar(60) default '' not null;
create index needle_by_state on needle (state, last_at);
create index needle_by_machine on needle (machine_id, state);

alter table machine add column sewn_minutes double precision default 0 not null;
alter table machine add column linty_minutes double precision default 0 not null;

alter table settings add column retirement_school varchar(20) default 'WORKED_OUT' not null;
