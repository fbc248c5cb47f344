-- By whom and when a figure or its sign-off was brought in with a file; empty where it was given here.
alter table own_figure add column brought_in varchar(600) default '' not null;
alter table own_figure_aud add column brought_in varchar(600);
alter table figure_check add column brought_in varchar(600) default '' not null;
alter table figure_check_aud add column brought_in varchar(600);
-- Who signed it off elsewhere may have a longer name than people here.
alter table figure_check alter column person varchar(200);
