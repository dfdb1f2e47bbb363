-- What was counted, held and felt in a step, as one document, and what it came to.
alter table session_step
  add column account jsonb,
  add column result_unit text check (result_unit in ('MILLIMETRES', 'SEMITONES', 'FRET')),
  add column result integer check (result between 0 and 1000);

-- What a session said before it was corrected; never changed.
create table session_correction (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  session_id uuid not null references session (id) on delete cascade,
  at timestamptz not null,
  by_coach boolean not null,
  reason text not null check (length(reason) between 1 and 200),
  before jsonb not null
);
create index session_correction_of_session on session_correction (session_id, at);

-- What a coach noted about a session, for themselves.
create table session_note (
  session_id uuid primary key references session (id) on delete cascade,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  at timestamptz not null,
  words text not null check (length(words) between 1 and 1000)
);
create index session_note_of_client on session_note (client_id);

create trigger revision after insert or update or delete on session_correction
  for each row execute function client_changed();
create trigger revision after insert or update or delete on session_note
  for each row execute function client_changed();
