CREATE TABLE `formula_ingredients` (
	`formula_id` varchar(80) NOT NULL,
	`ingredient` varchar(40) NOT NULL,
	`grams` double NOT NULL,
	CONSTRAINT `formula_ingredients_formula_id_ingredient_pk` PRIMARY KEY(`formula_id`,`ingredient`)
);
--> statement-breakpoint
ALTER TABLE `formula_revisions` ADD `write_id` char(26);--> statement-breakpoint
ALTER TABLE `formulas` ADD `latest` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `formulas` ADD `name` varchar(200) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `formulas` ADD `family` varchar(30) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `formulas` ADD `school` varchar(40) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `formulas` ADD `about` text;--> statement-breakpoint
ALTER TABLE `formulas` ADD `target_c` double;--> statement-breakpoint
ALTER TABLE `formulas` ADD `out_grams` double DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `formulas` ADD `boils` int DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE `formulas` ADD `allergens` varchar(200) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `formulas` ADD `words` text;--> statement-breakpoint
ALTER TABLE `formula_revisions` ADD CONSTRAINT `formula_revisions_write_id_unique` UNIQUE(`write_id`);--> statement-breakpoint
ALTER TABLE `formula_ingredients` ADD CONSTRAINT `formula_ingredients_formula_id_formulas_id_fk` FOREIGN KEY (`formula_id`) REFERENCES `formulas`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `formula_ingredients_by` ON `formula_ingredients` (`ingredient`,`grams`);--> statement-breakpoint
CREATE INDEX `batches_formula` ON `batches` (`formula_id`,`started_at`);--> statement-breakpoint
CREATE INDEX `formulas_name` ON `formulas` (`name`);--> statement-breakpoint
CREATE INDEX `formulas_family` ON `formulas` (`family`,`school`);