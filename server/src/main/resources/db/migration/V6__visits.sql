-- A case has visits; what is recorded belongs to one of them. What there was before is the first.
create table case_visit (
    case_id bigint not null references examination_case (id),
    place integer not null,
    started_at timestamp(6) with time zone not null,
    primary key (case_id, place)
);

insert into case_visit (case_id, place, started_at) select id, 0, created_at from examination_case;

alter table tap add column visit integer default 1 not null;
drop index tap_by_time;
create index tap_by_time on tap (case_id, visit, tapped_at, id);

alter table case_override add column visit integer default 1 not null;

-- Beside trials of a quantity: lever, grade, pain under load and what else is noted of a measure.
alter table measured_trial drop constraint one_trial_a_place;
alter table measured_trial rename to measured_value;
alter table measured_value alter column test_id rename to measure_id;
alter table measured_value alter column leaf rename to item;
alter table measured_value alter column amount drop not null;
alter table measured_value add column word varchar(20);
alter table measured_value add column visit integer default 1 not null;
alter table measured_value add constraint one_value_a_place unique (case_id, visit, measure_id, item, side, place);

-- How sides and visits are compared.
alter table department_settings add column deficit_percent double precision default 15 not null;
alter table department_settings add column short_degrees double precision default 10 not null;
alter table department_settings add column head_start_percent double precision default 0 not null;

-- What two measurements of the same thing can differ by, where the department states it.
create table department_error (
    settings_id integer not null references department_settings (id),
    quantity varchar(20) not null,
    amount double precision not null,
    primary key (settings_id, quantity)
);
