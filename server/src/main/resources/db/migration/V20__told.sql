-- The age in years, where it is known; the band goes on standing beside it. The sex at birth, where it was said.
alter table examination_case add column age integer;
alter table examination_case add column sex varchar(255);
alter table examination_case_aud add column age integer;
alter table examination_case_aud add column sex varchar(255);

-- What somebody said of a warning sign that was raised.
create table case_settled_warning (
    case_id bigint not null references examination_case (id),
    warning varchar(255) not null,
    state varchar(255) not null,
    why varchar(2000) not null,
    raised_by varchar(4000) not null,
    made_by varchar(255) not null,
    made_at timestamp(6) with time zone not null,
    primary key (case_id, warning)
);
create table case_settled_warning_aud (
    rev bigint not null references revision (id),
    revtype tinyint not null,
    case_id bigint not null,
    warning varchar(255) not null,
    state varchar(255),
    why varchar(2000),
    raised_by varchar(4000),
    made_by varchar(255),
    made_at timestamp(6) with time zone,
    primary key (case_id, rev, revtype, warning)
);

-- Sets of tests that were put into the running order as one.
create table case_set (
    case_id bigint not null references examination_case (id),
    place integer not null,
    set_id varchar(255) not null,
    primary key (case_id, place)
);
