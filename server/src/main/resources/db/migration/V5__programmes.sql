-- What a client is on for some weeks, and what was agreed to be when.

create table programme (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  version bigint not null,
  title text not null,
  target text not null,
  starts_on date not null,
  reviews_on date not null,
  ends_on date not null,
  daily_sessions integer not null,
  daily_minutes integer not null,
  made_at timestamptz not null,
  ended_at timestamptz
);
create index programme_of_client on programme (client_id, starts_on);

create table obligation (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  programme_id uuid not null references programme (id) on delete cascade,
  place integer not null,
  purpose text not null,
  minutes integer not null,
  frequency text not null,
  anchor text not null,
  heavy boolean not null,
  not_on text[] not null
);
create index obligation_of_programme on obligation (programme_id, place);

-- A place in the week that was told to the client. The planner moves it only if it must; a pinned one
-- never, a skipped one is not owed.
create table agreed_session (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  line_id text not null,
  date date not null,
  starts_at timestamptz not null,
  minutes integer not null,
  purpose text not null,
  pinned boolean not null,
  skipped boolean not null,
  unique (client_id, line_id, date)
);
create index agreed_session_of_day on agreed_session (client_id, date);
