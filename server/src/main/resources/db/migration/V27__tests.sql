-- What was measured of hands: taps, and fingers lifted while the others hold. Raw, as it was done; what it says is
-- worked out whenever it is looked at.

create table tap_test (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  tested_at timestamptz not null,
  pace text not null,
  digits text[] not null,
  hands text not null,
  bpm integer,
  per_beat integer not null,
  made integer,
  taps jsonb not null,
  warm_after text,
  warm_minutes integer,
  worked_minutes integer not null,
  device_kind text not null,
  device_name text not null
);
create index tap_test_of_client on tap_test (client_id, tested_at);

create table lift_test (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  tested_at timestamptz not null,
  digits text[] not null,
  moves jsonb not null,
  warm_after text,
  warm_minutes integer,
  worked_minutes integer not null,
  device_kind text not null,
  device_name text not null
);
create index lift_test_of_client on lift_test (client_id, tested_at);

-- Whether keys measured a try as even enough to go faster.
alter table drill_try add column even boolean not null default false;
