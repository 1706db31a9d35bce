-- The page that made an event: its own count is the order it made them in, whatever its clock says.
alter table chair_event add column device varchar(60);
