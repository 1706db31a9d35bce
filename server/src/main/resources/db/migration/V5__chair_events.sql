-- What happened at the chair, event by event: the record of a run is what they add up to, in the order of their time.
create table chair_event (
    wash_day_id bigint not null references wash_day,
    event_id varchar(60) not null,
    happened_at timestamp(9) with time zone not null,
    seq int,
    kind varchar(20) not null,
    step_index int,
    inner_index int,
    section_index int,
    ratio double precision check (ratio between 0 and 10),
    product clob,
    zone varchar(10),
    sign varchar(20),
    look varchar(20),
    timer varchar(80),
    primary key (wash_day_id, event_id)
);

-- Runs kept before as times of steps become the events that give the same times.
insert into chair_event (wash_day_id, event_id, happened_at, seq, kind, step_index)
select wash_day_id, 'begin', min(started_at), 0, 'BEGIN', null from wash_step group by wash_day_id;
insert into chair_event (wash_day_id, event_id, happened_at, seq, kind, step_index)
select wash_day_id, 'done-' || step_index, ended_at, step_index + 1, case when skipped then 'SKIP' else 'DONE' end, step_index
  from wash_step where ended_at is not null;
insert into chair_event (wash_day_id, event_id, happened_at, seq, kind, step_index)
select s.wash_day_id, 'finish', max(s.ended_at), 1000, 'FINISH', null
  from wash_step s join wash_day d on d.id = s.wash_day_id
 where d.finished_at is not null and s.ended_at is not null group by s.wash_day_id;
drop table wash_step;
alter table wash_day drop column run_revision;
