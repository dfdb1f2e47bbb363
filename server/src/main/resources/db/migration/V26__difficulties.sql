-- By how much finger patterns are harder than their movements say, as a coach took it over from what their clients tried.

create table difficulty_fit (
  coach_id uuid primary key references coach (id) on delete cascade,
  shifts jsonb not null,
  tries integer not null,
  taken_at timestamptz not null
);
