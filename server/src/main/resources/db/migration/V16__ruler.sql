-- Two taps on a photograph and what lies between them: its scale where no sheet is in view; null where nobody tapped.
alter table wash_photo add column ruler clob;
