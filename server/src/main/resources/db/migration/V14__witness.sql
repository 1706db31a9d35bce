-- What a photograph says of the hair, worked out on first asking; null until then.
alter table wash_photo add column measured clob;
-- By which fit: another says another thing, and is asked again.
alter table wash_photo add column measured_fit integer;
