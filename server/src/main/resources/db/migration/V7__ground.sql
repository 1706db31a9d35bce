-- How many writes were made, ever: told beside the file too, so that an older state is noticed.
create table ground (
    one int primary key check (one = 1),
    writes bigint not null
);
insert into ground (one, writes) values (1, 0);

-- A photograph is had under a key that nobody can guess.
alter table wash_photo add column photo_key varchar(36);
update wash_photo set photo_key = cast(random_uuid() as varchar(36));
alter table wash_photo alter column photo_key set not null;
create unique index wash_photo_by_key on wash_photo (photo_key);
alter table product_photo add column photo_key varchar(36);
update product_photo set photo_key = cast(random_uuid() as varchar(36));
alter table product_photo alter column photo_key set not null;
create unique index product_photo_by_key on product_photo (photo_key);

-- Texts are as long as the records allow, and no longer.
alter table client alter column notes varchar(10000);
