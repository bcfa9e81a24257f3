CREATE TABLE `lot_uses` (
	`batch_id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`lot_id` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`ingredient` varchar(40) NOT NULL,
	`lot_code` varchar(200) NOT NULL,
	`grams` double NOT NULL,
	CONSTRAINT `lot_uses_batch_id_lot_id_pk` PRIMARY KEY(`batch_id`,`lot_id`)
);
--> statement-breakpoint
ALTER TABLE `batches` ADD `code` varchar(16) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `burner` varchar(200) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `pot` varchar(200) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `batches` ADD `off_c` double;--> statement-breakpoint
ALTER TABLE `batches` ADD `judged` json;--> statement-breakpoint
ALTER TABLE `batches` ADD `flaws` varchar(200) DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `boil_summaries` ADD `traits` json;--> statement-breakpoint
ALTER TABLE `lot_uses` ADD CONSTRAINT `lot_uses_batch_id_batches_id_fk` FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `lot_uses_lot` ON `lot_uses` (`lot_id`);--> statement-breakpoint
CREATE INDEX `batches_code` ON `batches` (`code`);--> statement-breakpoint
UPDATE `batches` SET `code` = CONCAT(DATE_FORMAT(`started_at`, '%y%m%d'), '-', RIGHT(`id`, 3)), `burner` = COALESCE(JSON_VALUE(`conditions`, '$.burner.name'), ''), `pot` = COALESCE(JSON_VALUE(`conditions`, '$.pot.name'), '');--> statement-breakpoint
UPDATE `batches` SET `off_c` = (SELECT `boil_summaries`.`reached_c` - `batches`.`target_c` FROM `boils` JOIN `boil_summaries` ON `boil_summaries`.`boil` = `boils`.`key` WHERE `boils`.`batch_id` = `batches`.`id` AND `boil_summaries`.`reached_c` IS NOT NULL ORDER BY ABS(`boil_summaries`.`reached_c` - `batches`.`target_c`) DESC LIMIT 1);
