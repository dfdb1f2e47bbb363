-- A coach's own exercises: every version is kept, so that old logs keep the words they were done with.

create table own_exercise (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  exercise_id text not null,
  current_version integer not null,
  archived_at timestamptz,
  created_at timestamptz not null,
  changed_at timestamptz not null,
  constraint own_exercise_once unique (coach_id, exercise_id)
);

create table own_exercise_version (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  own_exercise_id uuid not null references own_exercise (id) on delete cascade,
  number integer not null,
  document text not null,
  created_at timestamptz not null,
  constraint own_exercise_version_once unique (own_exercise_id, number)
);

-- 0 is an exercise that ships with the program.
alter table session_step add column exercise_version integer not null default 0;
create index session_step_of_exercise on session_step (coach_id, exercise_id);

alter table client add column weights_grams integer[] not null default '{}';
