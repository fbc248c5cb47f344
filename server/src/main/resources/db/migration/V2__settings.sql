-- One row: how the department weighs.
create table department_settings (
    id integer primary key,
    version bigint not null,
    school varchar(30) not null,
    high_bias varchar(20) not null,
    family_overlap double precision not null,
    general_overlap double precision not null
);

insert into department_settings (id, version, school, high_bias, family_overlap, general_overlap)
values (1, 0, 'overlap-aware', 'corrected', 0.45, 0.20);

-- A case's own way to take studies at high risk of bias; null where the department's applies.
alter table examination_case add column high_bias varchar(20);
