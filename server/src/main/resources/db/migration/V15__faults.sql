-- Which fault somebody looked for in a spoilt routine, and whether it was found, oldest first by id.
create table practice_fault (
    id bigint generated always as identity primary key,
    person varchar(60) not null,
    rule varchar(4) not null,
    found boolean not null,
    tried_at timestamp with time zone not null
);

create index practice_fault_by_person on practice_fault (person, id);
