-- A press of a form is carried out once: its key, what it asked for, and what was answered.
create table press (
    id uuid primary key,
    at timestamp with time zone not null,
    asked varchar(200) not null,
    answer varchar(1000000)
);
create index press_at on press (at);
