-- A clinic that has neither cases nor settings of its own begins with the conditions weighed together; every other keeps its way.
update department_settings set settings = replace(settings, '"school":"overlap-aware"', '"school":"differential"')
where version = 0 and not exists (select 1 from examination_case);
update department_settings set settings = replace(settings, '"school":"differential"', '"schoolSeen":true,"school":"differential"')
where version = 0 and not exists (select 1 from examination_case);
