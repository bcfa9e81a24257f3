-- a planned boil was a label; now it says which part it cooks and its share of the batch
UPDATE `batches` SET `plan` = JSON_SET(`plan`, '$.boils', JSON_COMPACT((
  SELECT JSON_ARRAYAGG(JSON_OBJECT('label', t.label, 'part', NULL, 'share', 1e0 / JSON_LENGTH(`batches`.`plan`, '$.boils')) ORDER BY t.n)
  FROM JSON_TABLE(`batches`.`plan`, '$.boils[*]' COLUMNS (n FOR ORDINALITY, label VARCHAR(200) PATH '$')) t
)));
