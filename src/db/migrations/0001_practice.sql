DROP INDEX `batches_started` ON `batches`;--> statement-breakpoint
ALTER TABLE `batches` ADD `practice` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `boil_summaries` ADD `pulled` boolean DEFAULT false NOT NULL;--> statement-breakpoint
ALTER TABLE `boil_summaries` ADD `power` double;--> statement-breakpoint
CREATE INDEX `batches_started` ON `batches` (`practice`,`started_at`,`id`);--> statement-breakpoint
UPDATE `boil_summaries` SET `pulled` = true WHERE `reached_c` IS NOT NULL;--> statement-breakpoint
UPDATE `batches` SET `practice` = true WHERE `id` IN (SELECT `boils`.`batch_id` FROM `events` JOIN `boils` ON `boils`.`key` = `events`.`boil` WHERE JSON_VALUE(`events`.`act`, '$.type') = 'clock' AND JSON_VALUE(`events`.`act`, '$.rate') > 1);
