-- The department's settings as one JSON value, so that a new one is a line of one record and no column.
alter table department_settings add column settings varchar(20000);
alter table department_settings_aud add column settings varchar(20000);

update department_settings s set settings = cast(json_object(
    'school': school, 'highBias': high_bias, 'familyOverlap': family_overlap, 'generalOverlap': general_overlap,
    'deficitPercent': deficit_percent, 'shortDegrees': short_degrees, 'headStartPercent': head_start_percent,
    'shareAll': share_all, 'lockMinutes': lock_minutes, 'retentionDays': retention_days, 'checkedOnly': checked_only,
    'recordSystem': record_system, 'insideHost': inside_host, 'secondFactor': second_factor,
    -- Codes began with HB until now; a clinic without cases begins with a C, and can choose.
    'codePrefix': case when exists (select 1 from examination_case) then 'HB' else 'C' end, 'timeZone': '',
    'errors': coalesce((select json_objectagg(quantity: amount) from department_error e where e.settings_id = s.id), json '{}'),
    'variants': coalesce((select json_objectagg(test_id: variant) from department_variant v where v.settings_id = s.id), json '{}')
) as varchar);

-- What stood at each change: of every pair, whether the last that happened to it until then was that it came.
update department_settings_aud s set settings = cast(json_object(
    'school': school, 'highBias': high_bias, 'familyOverlap': family_overlap, 'generalOverlap': general_overlap,
    'deficitPercent': deficit_percent, 'shortDegrees': short_degrees, 'headStartPercent': head_start_percent,
    'shareAll': share_all, 'lockMinutes': lock_minutes, 'retentionDays': retention_days, 'checkedOnly': checked_only,
    'recordSystem': record_system, 'insideHost': inside_host, 'secondFactor': second_factor,
    'errors': coalesce((select json_objectagg(e.quantity: e.amount) from department_error_aud e
        where e.settings_id = s.id and e.rev <= s.rev and e.revtype <> 2 and not exists (
            select 1 from department_error_aud later where later.settings_id = e.settings_id
                and later.quantity = e.quantity and later.amount = e.amount and later.rev > e.rev and later.rev <= s.rev)), json '{}'),
    'variants': coalesce((select json_objectagg(v.test_id: v.variant) from department_variant_aud v
        where v.settings_id = s.id and v.rev <= s.rev and v.revtype <> 2 and not exists (
            select 1 from department_variant_aud later where later.settings_id = v.settings_id
                and later.test_id = v.test_id and later.variant = v.variant and later.rev > v.rev and later.rev <= s.rev)), json '{}')
    absent on null
) as varchar);

alter table department_settings alter column settings set not null;

drop table department_error;
drop table department_error_aud;
drop table department_variant;
drop table department_variant_aud;
alter table department_settings drop column school, high_bias, family_overlap, general_overlap, deficit_percent,
    short_degrees, head_start_percent, share_all, lock_minutes, retention_days, checked_only, record_system, inside_host,
    second_factor;
alter table department_settings_aud drop column school, high_bias, family_overlap, general_overlap, deficit_percent,
    short_degrees, head_start_percent, share_all, lock_minutes, retention_days, checked_only, record_system, inside_host,
    second_factor;
