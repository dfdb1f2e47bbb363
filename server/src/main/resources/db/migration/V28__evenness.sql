-- What keys said of each hand in a session: at how many notes a minute, and whether that was even enough to go faster.
-- A tempo rises no further where they said it is not.
alter table session add column evenness jsonb;
