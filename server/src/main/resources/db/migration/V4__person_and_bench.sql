-- The person: who they are, what is known of their hands, every word about it dated.

alter table client add column age_group text not null default 'ADULT';
alter table client add column clasp_side text;
alter table client add column break_minutes integer not null default 2;
alter table client add column care_minutes integer not null default 10;
alter table client add column intake_answered text[] not null default '{}';

-- Target, side and points, "finger-flexors/LEFT/7"; null: the weights that the activity has by itself.
alter table activity add column weights text[];
alter table activity add column riding_point text;

-- Since when it has been felt, if the person said so when they told of it.
alter table pain_entry add column since date;

create table screening (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  at timestamptz not null,
  sign text not null,
  answer text not null,
  side text,
  regions text[] not null,
  since text not null,
  words text not null
);
create index screening_of_client on screening (client_id, at);

-- What a clinician or the coach says is to be minded: conditions, what is kept out, what is allowed,
-- how far a joint goes. Ended, never deleted.
create table minded (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  kind text not null,
  sides text[] not null,
  condition text,
  region text,
  movement text,
  exercise_id text,
  words text not null,
  until date,
  said_at timestamptz not null,
  ended_at timestamptz
);
create index minded_of_client on minded (client_id, said_at);

insert into minded (id, coach_id, client_id, kind, sides, region, words, until, said_at)
  select e.id, e.coach_id, e.client_id, 'KEEP_OUT', array [e.side], e.region, e.reason, e.until, c.created_at
  from exclusion e join client c on c.id = e.client_id;
drop table exclusion;

create table set_up_entry (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  activity_id uuid not null references activity (id) on delete cascade,
  at timestamptz not null,
  point text not null,
  state text not null,
  words text not null
);
create index set_up_entry_of_client on set_up_entry (client_id, at);

create table set_up_comparison (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid not null references client (id) on delete cascade,
  activity_id uuid not null references activity (id) on delete cascade,
  at timestamptz not null,
  measure text not null,
  first_name text not null,
  first_value numeric not null,
  second_name text not null,
  second_value numeric not null
);
create index set_up_comparison_of_client on set_up_comparison (client_id, at);

-- Routines: a client's, or a template of the coach. Every version is kept.
create table routine (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  client_id uuid references client (id) on delete cascade,
  version integer not null,
  title text not null,
  purpose text not null,
  archived_at timestamptz,
  changed_at timestamptz not null
);
create index routine_of_coach on routine (coach_id, client_id, title);

create table routine_version (
  id uuid primary key,
  coach_id uuid not null references coach (id) on delete cascade,
  routine_id uuid not null references routine (id) on delete cascade,
  number integer not null,
  title text not null,
  purpose text not null,
  budget_seconds integer not null,
  steps text not null,
  created_at timestamptz not null,
  constraint routine_version_once unique (routine_id, number)
);

alter table session add column routine_id uuid references routine (id) on delete set null;
