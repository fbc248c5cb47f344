-- Every department that never chose a way to weigh has the sober one from now on; those that chose keep theirs and are told. Whoever
-- gave a reason for a change, weighs by another way than one to begin with, or asked not to be told again, has chosen.
update department_settings s set settings = regexp_replace(settings, '"school":"[a-z-]+"', '"school":"sober"')
where settings like '%"school":"sober"%' or (
    version = 0 or (
        (settings like '%"school":"differential"%' or (settings like '%"school":"overlap-aware"%' and settings not like '%"schoolSeen":true%'))
        and not exists (select 1 from department_settings_aud a where a.id = s.id and coalesce(a.why, '') <> '')
        and not exists (
            select 1 from department_settings_aud a where a.id = s.id
                and a.settings not like concat('%"school":"', regexp_substr(s.settings, '(?<="school":")[a-z-]+'), '"%'))));
update department_settings set settings = replace(settings, '"schoolSeen":true', '"schoolSeen":false')
where settings not like '%"school":"sober"%';

-- What the sober way said of a case before its outcome was known; empty where it was not there yet.
alter table outcome_foreseen add column sober double precision;

-- Everybody in a study where it is not known how many had the condition.
alter table own_figure add column people double precision;
alter table own_figure_aud add column people double precision;
