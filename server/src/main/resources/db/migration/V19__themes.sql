-- Themes that a coach made by touching exercises.
create table coach_theme (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  title text not null check (length(title) between 1 and 60),
  exercises jsonb not null,
  made_at timestamptz not null
);
create index coach_theme_of_coach on coach_theme (coach_id, title);
