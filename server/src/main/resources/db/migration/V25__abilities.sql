-- How able each hand is, folded from what was tried whenever something is; so that whoever composes need not fold it.

alter table client add column abilities jsonb;
