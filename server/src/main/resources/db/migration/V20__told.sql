-- The age in years, where it is known; the band goes on standing beside it. The sex at birth, where it was said.
alter table examination_case add column age integer;
alter table examination_case add column sex varchar(255);
alter table examination_case_aud add column age integer;
alter table examination_case_aud add column sex varchar(255);
