-- How wet somebody took a section of known wetness to be, oldest first by id; which section it was says its name.
create table practice_guess (
    id bigint generated always as identity primary key,
    person varchar(60) not null,
    item varchar(24) not null,
    percent double precision not null check (percent between 0 and 100),
    guessed_at timestamp with time zone not null
);

create index practice_guess_by_person on practice_guess (person, id);

-- How far a look moves the water that was worked out; all the way where null.
alter table chair_event add column trust double precision check (trust between 0 and 1);
