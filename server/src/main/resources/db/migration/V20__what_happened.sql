-- What is kept of a step: which side did it, how much of it each side did, why not all of it, what
-- was counted, and whether it was made easier or harder on the way.
alter table session add column asked_before boolean not null default false;
alter table session_step
  add column side text check (side in ('LEFT', 'RIGHT')),
  add column left_percent integer check (left_percent between 0 and 100),
  add column right_percent integer check (right_percent between 0 and 100),
  add column shortfall text check (shortfall in ('NO_TIME', 'COULD_NOT', 'HURT')),
  add column complete integer check (complete between 0 and 300),
  add column shift text check (shift in ('EASIER', 'HARDER'));
update session_step set left_percent = done_percent, right_percent = done_percent;
update session_step set shortfall = 'HURT' where outcome = 'HURT';
alter table session_step
  alter column left_percent set not null,
  alter column right_percent set not null;

-- Somebody said on a morning how they were after the day before.
create table morning_answer (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  at timestamptz not null,
  date date not null,
  unique (client_id, date)
);

-- What a coach said about the rungs of an exercise; it is part of the log and never changed.
create table coach_word (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  exercise_id text not null,
  at timestamptz not null,
  sides text[] not null,
  word text not null check (word in ('PIN', 'HOLD', 'RESET', 'ALLOW', 'LET_GO')),
  rung integer not null check (rung between 0 and 100),
  reason text not null check (length(reason) between 1 and 200)
);
create index coach_word_of_client on coach_word (client_id, at);

create trigger revision after insert or update or delete on morning_answer
  for each row execute function client_changed();
create trigger revision after insert or update or delete on coach_word
  for each row execute function client_changed();
