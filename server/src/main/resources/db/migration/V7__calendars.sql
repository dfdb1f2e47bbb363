-- Calendars that are brought in, what their titles mean, and which event became which block. A row of
-- calendar_memory without a block or busy time is an event whose block somebody took out by hand.

create table calendar_source (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  name text not null,
  address text,
  read_at timestamptz not null,
  failure text,
  undecided integer not null,
  unique (client_id, name)
);

create table calendar_choice (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  source_id uuid not null references calendar_source (id) on delete cascade,
  title text not null,
  meaning text not null,
  activity_id uuid references activity (id) on delete cascade,
  unique (source_id, title)
);

create table calendar_memory (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  source_id uuid not null references calendar_source (id) on delete cascade,
  event_key text not null,
  stamp text not null,
  date date not null,
  block_id uuid references block (id) on delete set null,
  busy_time_id uuid references busy_time (id) on delete set null,
  unique (source_id, event_key)
);
create index calendar_memory_of_block on calendar_memory (block_id);
create index calendar_memory_of_busy_time on calendar_memory (busy_time_id);

-- Where a client's own calendar may fetch the planned sessions. Only a hash of the secret is kept.
create table calendar_feed (
  client_id uuid primary key references client (id) on delete cascade,
  coach_id uuid not null references coach (id) on delete cascade,
  secret_hash text not null unique,
  made_at timestamptz not null,
  alarm_minutes integer not null,
  breaks boolean not null
);
