-- A changed or added kind keeps one row for each of its traits, as a plant's own traits are kept.
create table own_kind (
  kind varchar(60) primary key,
  name varchar(200) not null
);
create table own_kind_trait (
  kind varchar(60) not null references own_kind on delete cascade,
  trait varchar(30) not null,
  content varchar(200) not null,
  primary key (kind, trait)
);
insert into own_kind select profile, name from own_profile;
insert into own_kind_trait
  select profile, 'habit', cast(habit as varchar) from own_profile where habit is not null;
insert into own_kind_trait
  select profile, 'ground', cast(ground as varchar) from own_profile where ground is not null;
insert into own_kind_trait
  select profile, 'roots', cast(roots as varchar) from own_profile where roots is not null;
insert into own_kind_trait
  select profile, 'branching', cast(branching as varchar) from own_profile where branching is not null;
insert into own_kind_trait
  select profile, 'readyRule', cast(ready_rule as varchar) from own_profile where ready_rule is not null;
insert into own_kind_trait
  select profile, 'rootsAppear', cast(roots_appear as varchar) from own_profile where roots_appear is not null;
insert into own_kind_trait
  select profile, 'moisture', cast(moisture as varchar) from own_profile where moisture is not null;
insert into own_kind_trait
  select profile, 'care', cast(care as varchar) from own_profile where care is not null;
insert into own_kind_trait
  select profile, 'leastGrowths', cast(least_growths as varchar) from own_profile where least_growths is not null;
insert into own_kind_trait
  select profile, 'rhizomeStepMm', cast(rhizome_step_mm as varchar) from own_profile where rhizome_step_mm is not null;
insert into own_kind_trait
  select profile, 'growthsAYear', cast(growths_a_year as varchar) from own_profile where growths_a_year is not null;
insert into own_kind_trait
  select profile, 'nightLeast', cast(night_least as varchar) from own_profile where night_least is not null;
insert into own_kind_trait
  select profile, 'dayMost', cast(day_most as varchar) from own_profile where day_most is not null;
insert into own_kind_trait
  select profile, 'lightOnRoots', cast(light_on_roots as varchar) from own_profile where light_on_roots is not null;
insert into own_kind_trait
  select profile, 'rootSpeed', cast(root_speed as varchar) from own_profile where root_speed is not null;
insert into own_kind_trait
  select profile, 'rootsHidden', cast(roots_hidden as varchar) from own_profile where roots_hidden is not null;
drop table own_profile;
