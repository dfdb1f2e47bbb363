-- Which hand does what in an activity: 'FRETTING_HAND/LEFT'. Null while nobody said: then the usual
-- hands of the discipline count.
alter table activity add column roles text[];

-- A condition that sits at a place names it; what was recorded before may be anywhere on the side.
comment on column minded.region is 'a region that is kept out, of a joint, or where a condition sits; null for the usual place';
