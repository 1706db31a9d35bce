-- What an eye scored a drawn swatch, oldest first by id; which swatch it was says its name, so that its truth need not be kept.
create table practice_reading (
    id bigint generated always as identity primary key,
    person varchar(60) not null,
    item varchar(24) not null,
    definition double precision not null check (definition between 0 and 10),
    clumping double precision not null check (clumping between 0 and 10),
    frizz double precision not null check (frizz between 0 and 10),
    read_at timestamp with time zone not null
);

create index practice_reading_by_person on practice_reading (person, id);
