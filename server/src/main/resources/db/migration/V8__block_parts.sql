-- Rounds, sets, pieces or techniques of a block, each as minutes/rest/certainty/title; and how long
-- rounds really lasted.

alter table block add column parts text[] not null default '{}';

create table round_length (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  activity_id uuid not null references activity (id) on delete cascade,
  minutes integer not null,
  ended_at timestamptz not null
);
create index round_length_of_activity on round_length (client_id, activity_id, ended_at desc);
