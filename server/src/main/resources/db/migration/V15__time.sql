-- The minutes there are for the visit, and what of the running order is left out for them, each with the reason.
alter table examination_case add column minutes_there integer;

create table case_left_out (
    case_id bigint not null references examination_case (id),
    test_id varchar(80) not null,
    why varchar(200) not null,
    primary key (case_id, test_id)
);

-- Where it hurts, as tapped on the drawn body: a side and a place.
create table case_hurt (
    case_id bigint not null references examination_case (id),
    place varchar(80) not null,
    primary key (case_id, place)
);

create table case_hurt_aud (
    case_id bigint not null,
    rev bigint not null references revision (id),
    revtype tinyint,
    place varchar(255) not null,
    primary key (case_id, rev, place)
);
