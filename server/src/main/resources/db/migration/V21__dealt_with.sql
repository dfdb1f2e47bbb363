-- What a coach has dealt with, or put off, of what needed a word; it shows again when it changes.
create table dealt_with (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  reason_id uuid not null,
  at timestamptz not null,
  until date,
  unique (client_id, reason_id)
);
create index dealt_with_of_coach on dealt_with (coach_id);
