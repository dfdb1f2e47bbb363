-- Every row belongs to a coach: coach_id stands in every table of the practice.

create table coach (
  id uuid primary key,
  name text not null,
  created_at timestamptz not null
);

create table client (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  version bigint not null,
  name text not null,
  occupation text not null,
  dominant_hand text not null,
  notation text not null,
  method text not null,
  breaths_per_minute integer not null,
  warm_up_minutes integer not null,
  time_zone text not null,
  wakes_at time not null,
  sleeps_at time not null,
  positions text[] not null,
  things text[] not null,
  created_at timestamptz not null,
  changed_at timestamptz not null
);
create index client_of_coach on client (coach_id, name);

create table account (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid references client (id) on delete cascade,
  role text not null,
  email text not null,
  password_hash text not null,
  name text not null,
  created_at timestamptz not null,
  constraint account_email_taken unique (email),
  constraint account_client_taken unique (client_id)
);

create table invitation (
  token_hash text primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  expires_at timestamptz not null
);

create table activity (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  place integer not null,
  kind text not null,
  title text not null,
  discipline text not null,
  hands text[] not null,
  digits text[] not null,
  weekly_minutes integer not null
);
create index activity_of_client on activity (client_id, place);

create table block (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  activity_id uuid not null references activity (id) on delete cascade,
  version bigint not null,
  date date not null,
  starts_at time not null,
  ends_at time not null,
  title text not null,
  performance boolean not null
);
create index block_of_day on block (client_id, date, starts_at);

create table busy_time (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  date date not null,
  starts_at time not null,
  ends_at time not null
);
create index busy_time_of_day on busy_time (client_id, date);

create table exclusion (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  side text not null,
  region text not null,
  reason text not null,
  until date
);
create index exclusion_of_client on exclusion (client_id);

-- The identifier is made on the device before the first attempt to send: the same session sent twice
-- is the same row.
create table session (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  block_id uuid references block (id) on delete set null,
  purpose text not null,
  title text not null,
  date date not null,
  began_at timestamptz not null,
  ended_at timestamptz not null,
  planned_millis bigint not null,
  state text not null,
  checked_in_at timestamptz,
  effort integer,
  tighter_side text,
  words text
);
create index session_of_client on session (client_id, began_at desc);

create table session_step (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  session_id uuid not null references session (id) on delete cascade,
  place integer not null,
  exercise_id text not null,
  title text not null,
  kind text not null,
  dose text not null,
  laterality text not null,
  planned_millis bigint not null,
  done_percent integer not null,
  outcome text not null
);
create index session_step_of_session on session_step (session_id, place);

create table pain_entry (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  session_id uuid references session (id) on delete cascade,
  at timestamptz not null,
  moment text not null,
  side text not null,
  region text not null,
  level integer not null,
  sensation text
);
create index pain_entry_of_client on pain_entry (client_id, at desc);
create index pain_entry_of_session on pain_entry (session_id);
