-- What was written under a key that its sender gave, so that it happens once, however often it is
-- sent. request: what was sent, as a digest; answer: what was answered, packed; null once it is old.
create table sent (
  sent_key varchar(60) primary key,
  turn bigint generated always as identity unique,
  request varchar(100) not null,
  status smallint not null,
  answer_type varchar(100) not null,
  answer varbinary(1000000)
);

alter table photo add column sent_key varchar(60);
create unique index photo_sent_once on photo (sent_key);

-- A line may be superseded anew once what superseded it was itself taken back.
alter table entry add column replaces bigint references entry;
update entry set replaces = supersedes;
alter table entry drop column supersedes;
alter table entry alter column replaces rename to supersedes;
create index successor_of_entry on entry (supersedes);
