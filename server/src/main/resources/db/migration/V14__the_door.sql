-- The ways in and out of an account: links that open once, the second factor, consent, tries that
-- are counted, an archive, and the end of a practice.

create table account_link (
  id uuid primary key,
  token_hash text not null unique,
  kind text not null check (kind in ('FIRST_COACH', 'COACH', 'CLIENT', 'RESET', 'ADDRESS')),
  coach_id uuid references coach (id) on delete cascade,
  client_id uuid references client (id) on delete cascade,
  account_id uuid references account (id) on delete cascade,
  address text,
  name text not null,
  guardian boolean not null,
  made_at timestamptz not null,
  expires_at timestamptz not null
);
create index account_link_of_coach on account_link (coach_id, made_at);
insert into account_link (id, token_hash, kind, coach_id, client_id, name, guardian, made_at, expires_at)
  select gen_random_uuid(), i.token_hash, 'CLIENT', i.coach_id, i.client_id, c.name,
    c.age_group = 'UNDER_16', i.expires_at - interval '14 days', i.expires_at
  from invitation i join client c on c.id = i.client_id;
drop table invitation;

alter table account
  add column password_changed_at timestamptz,
  add column consented_at timestamptz,
  add column guardian_name text,
  add column second_factor text,
  add column last_code_step bigint not null default 0,
  add column paper_code_hashes text[] not null default '{}';
update account set password_changed_at = created_at;
update account set consented_at = created_at where role = 'CLIENT';
alter table account alter column password_changed_at set not null;

alter table coach add column leaves_at timestamptz;
alter table client add column archived_at timestamptz;

-- Mail goes to accounts too, and what opens a door is forgotten once it is sent.
alter table outgoing_mail
  alter column coach_id drop not null,
  alter column client_id drop not null,
  add column secret boolean not null default false;

-- Of the form that the library which counts tries asks for.
create table try_bucket (
  id text primary key,
  state bytea,
  expires_at bigint
);

-- Sessions are found by account from now on; whoever was signed in signs in again.
delete from spring_session;
