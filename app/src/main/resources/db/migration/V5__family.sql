create index daughter_of_plant on plant (mother_id);
