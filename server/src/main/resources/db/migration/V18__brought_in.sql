-- By whom and when a figure or its sign-off was brought in with a file; empty where it was given here.
alter table own_figure add column brought_in varchar(600) default '' not null;
alter table own_figure_aud add column brought_in varchar(600);
alter table figure_check add column brought_in varchar(600) default '' not null;
alter table figure_check_aud add column brought_in varchar(600);
-- Who signed it off elsewhere may have a longer name than people here.
alter table figure_check alter column person varchar(200);
-- What was signed off, so that a figure's history has it after the figure changed.
alter table figure_check add column criterion varchar(160) default '' not null;
alter table figure_check add column condition_id varchar(80) default '' not null;
alter table figure_check add column cluster varchar(80) default '' not null;
alter table figure_check add column judgement boolean default false not null;
alter table figure_check_aud add column criterion varchar(160);
alter table figure_check_aud add column condition_id varchar(80);
alter table figure_check_aud add column cluster varchar(80);
alter table figure_check_aud add column judgement boolean default false not null;
