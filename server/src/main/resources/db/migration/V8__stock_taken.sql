-- What a bottle really gave: more was wished of it than it held, and giving back must not invent the rest.
alter table stock_move add column taken_ml double precision;
update stock_move set taken_ml = ml;
alter table stock_move alter column taken_ml set not null;
