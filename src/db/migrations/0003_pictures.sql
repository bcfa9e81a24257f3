CREATE TABLE `pictures` (
	`id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`batch_id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`at` datetime(3) NOT NULL,
	`width` int NOT NULL,
	`height` int NOT NULL,
	`small` mediumblob NOT NULL,
	`large` mediumblob NOT NULL,
	CONSTRAINT `pictures_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `pictures` ADD CONSTRAINT `pictures_batch_id_batches_id_fk` FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `pictures_batch` ON `pictures` (`batch_id`,`id`);