-- lamp_hours: hours a day that lamps are on; null where the sun alone gives light.
-- approach: whose figures and rules judge here; null where the collection's own holds.
alter table bench add column lamp_hours double precision check (lamp_hours between 0 and 24);
update bench set lamp_hours = 14 where controlled;
alter table bench drop column controlled;
alter table bench add column approach varchar(20);

create table bench_mean (
  bench_id bigint not null references bench,
  of_month smallint not null check (of_month between 1 and 12),
  celsius double precision not null,
  primary key (bench_id, of_month)
);

alter table plant add column aim varchar(20) default 'AS_IT_COMES' not null;
alter table plant add column approach varchar(20);
alter table plant add column arrived_on date;
alter table plant add column came_rootless boolean default false not null;
-- counts the changes, so that two windows cannot overwrite each other
alter table plant add column version integer default 0 not null;

-- In what a plant differs from its kind: the name of a figure or trait, and its own value.
create table deviation (
  plant_id bigint not null references plant,
  trait varchar(30) not null,
  content varchar(40) not null,
  primary key (plant_id, trait)
);

-- The collector's own value of a figure of the rules.
create table own_figure (
  figure varchar(80) primary key,
  content double precision not null
);

-- Kinds of plants that the collector has changed or added; the program's own stand in the code.
create table own_profile (
  profile varchar(60) primary key,
  name varchar(200) not null,
  habit varchar(20) not null,
  ground varchar(20) not null,
  roots varchar(20) not null,
  branching varchar(10) not null,
  ready_rule varchar(20) not null,
  roots_appear varchar(200) not null,
  moisture varchar(20) not null,
  care varchar(200) not null,
  least_growths integer,
  rhizome_step_mm double precision not null,
  growths_a_year double precision not null,
  night_least double precision not null,
  day_most double precision not null,
  light_on_roots boolean not null,
  root_speed double precision not null,
  roots_hidden boolean not null
);
