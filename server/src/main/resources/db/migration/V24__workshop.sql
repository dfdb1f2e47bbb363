-- One time that somebody did a finger pattern. Never changed; how able each hand is is folded from all of them.

create table drill_try (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  round_id uuid not null,
  pattern text not null,
  hand text,
  a_minute integer,
  clean boolean not null,
  tried_at timestamptz not null
);
create index drill_try_of_client on drill_try (client_id, tried_at);
