-- What else is known of a machine; which plate and foot are on it now stands in plate, slot_mm, plate_name, foot_name, foot_slot_mm.
alter table machine add column wheel_turn varchar(16) default 'TOWARDS_YOU' not null;
alter table machine add column plate_name varchar(60) default 'zigzag plate' not null;
alter table machine add column foot_name varchar(60) default 'standard foot' not null;
alter table machine add column foot_slot_mm double precision default 7 not null;
alter table machine add column dial_kind varchar(12) default 'NUMBERED' not null;
alter table machine add column dial_min double precision default 0 not null;
alter table machine add column dial_max double precision default 9 not null;
alter table machine add column dial_step double precision default 0.25 not null;
alter table machine add column dial_normal_low double precision default 3 not null;
alter table machine add column dial_normal_high double precision default 5 not null;
alter table machine add column oiling varchar(24) default 'WHERE_THE_MANUAL_SAYS' not null;
alter table machine add column bobbin_class varchar(80) default '' not null;
alter table machine add column manual_place varchar(200) default '' not null;
alter table machine add column has_threader boolean default false not null;
alter table machine add column removed boolean default false not null;
alter table machine add column revision int default 0 not null;
update machine set oiling = 'NEVER' where kind = 'COMPUTER_CONTROLLED';
update machine set foot_slot_mm = slot_mm where slot_mm > 0;
update machine set plate_name = 'straight-stitch plate', slot_mm = 0 where plate = 'STRAIGHT';

create table machine_plate (
    machine_id varchar(40) not null references machine,
    position int not null,
    name varchar(60) not null,
    kind varchar(10) not null,
    slot_mm double precision not null,
    primary key (machine_id, position)
);

create table machine_foot (
    machine_id varchar(40) not null references machine,
    position int not null,
    name varchar(60) not null,
    slot_mm double precision not null,
    primary key (machine_id, position)
);

create table machine_change (
    id uuid primary key,
    at timestamp(3) with time zone not null,
    machine_id varchar(40) not null references machine,
    revision int not null,
    before_body clob,
    undone boolean not null
);

-- A thing in the drawer is edited whole, taken back whole and carried to another computer whole, so it is kept whole.
create table drawer_card (
    id uuid primary key,
    kind varchar(12) not null,
    position bigint generated always as identity,
    revision int not null,
    removed boolean not null,
    body clob not null
);

create table drawer_change (
    id uuid primary key,
    seq bigint generated always as identity,
    at timestamp(3) with time zone not null,
    kind varchar(12) not null,
    card_id uuid not null references drawer_card,
    revision int not null,
    before_body clob,
    after_body clob,
    undone boolean not null
);
create index drawer_change_by_card on drawer_change (card_id, seq);

create table settings (
    id int primary key,
    units varchar(10) not null,
    light varchar(10) not null,
    larger_text boolean not null,
    size_school varchar(16) not null
);

create table paired_device (
    id uuid primary key,
    name varchar(80) not null,
    token_hash varchar(64) not null unique,
    paired_at timestamp(3) with time zone not null
);
