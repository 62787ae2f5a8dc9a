-- What there is: machines and needles. What happened: events, never rewritten. What is true now is worked out from them.
create table machine (
    id varchar(40) primary key,
    position int not null,
    name varchar(80) not null,
    stands_at varchar(80) not null,
    kind varchar(24) not null,
    flat_side varchar(8) not null,
    bobbin varchar(12) not null,
    power varchar(8) not null,
    plate varchar(10) not null,
    slot_mm double precision not null
);

create table machine_system (
    machine_id varchar(40) not null references machine,
    position int not null,
    needle_system varchar(16) not null,
    primary key (machine_id, position)
);

create table machine_place (
    machine_id varchar(40) not null references machine,
    position int not null,
    name varchar(40) not null,
    primary key (machine_id, position)
);

create table needle (
    id uuid primary key,
    needle_system varchar(16) not null,
    needle_type varchar(20) not null,
    nm int not null,
    spacing_mm double precision,
    point varchar(20)
);

create table event (
    seq bigint generated always as identity primary key,
    action_id uuid not null,
    at timestamp(3) with time zone not null,
    kind varchar(20) not null,
    machine_id varchar(40) references machine,
    place int,
    needle_id uuid references needle,
    effective_hours double precision,
    tex double precision,
    fibre varchar(12),
    build varchar(14),
    dial double precision,
    undoes uuid
);

create index event_by_place on event (machine_id, place, kind, seq);
create index event_by_needle on event (needle_id, kind);
create index event_by_action on event (action_id);
create unique index event_undoes_once on event (undoes);
