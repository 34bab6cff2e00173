-- What a grow-space sensor said of one day on a bench: °C, percent, hours with useful light.
create table sensor_day (
  bench_id bigint not null references bench,
  on_day date not null,
  celsius double precision not null,
  humidity double precision not null,
  light_hours double precision not null,
  primary key (bench_id, on_day)
);
