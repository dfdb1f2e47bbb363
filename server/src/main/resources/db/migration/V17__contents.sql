-- What the sessions of an obligation are made of: exercises that are in every one of them, a theme,
-- or a routine of the shelf at one of its versions.
alter table obligation add column contents jsonb not null default '{"required": []}';
