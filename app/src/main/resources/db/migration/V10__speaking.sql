-- The happenings that still say something of today. It follows from the journals, and is drawn up
-- so that a start need not read what is only history.
create table speaking (
  happening_id bigint primary key references happening
);
insert into speaking select id from happening;
