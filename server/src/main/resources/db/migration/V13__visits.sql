-- Both sides may be troubled, so that the other one is no baseline.
alter table examination_case add column both_sides boolean default false not null;
alter table examination_case_aud add column both_sides boolean;

-- The visit that is open, where that is not the latest; and the visits whose day somebody gave.
alter table examination_case add column open_visit integer;
alter table examination_case_aud add column open_visit integer;

create table case_dated_visit (
    case_id bigint not null references examination_case (id),
    visit integer not null,
    primary key (case_id, visit)
);

create table case_dated_visit_aud (
    case_id bigint not null,
    rev bigint not null references revision (id),
    revtype tinyint,
    visit integer not null,
    primary key (case_id, rev, visit)
);
