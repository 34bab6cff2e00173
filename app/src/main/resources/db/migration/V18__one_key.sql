-- What happens once bears its key in the header alone. Looks that older programs wrote under a key
-- in the letter itself count as written still: their letters may lie in a browser yet.
-- request: what was sent is not known of these.
insert into sent (sent_key, request, status, answer_type, answer)
  select sent_key, '', 201, '', null from act
  where sent_key is not null and sent_key not in (select sent_key from sent);
alter table act drop column sent_key;

-- What is said of kinds stands under "kind", as everywhere else.
update own_figure set figure = 'kind' || substring(figure from 8) where figure like 'profile.%';
