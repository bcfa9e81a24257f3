CREATE TABLE `scale_wants` (
	`channel_id` varchar(80) NOT NULL,
	`grams` double,
	CONSTRAINT `scale_wants_channel_id` PRIMARY KEY(`channel_id`)
);
--> statement-breakpoint
CREATE TABLE `weights` (
	`seq` bigint AUTO_INCREMENT NOT NULL,
	`id` varchar(40) NOT NULL,
	`channel_id` varchar(80) NOT NULL,
	`at` datetime(3) NOT NULL,
	`grams` double NOT NULL,
	CONSTRAINT `weights_seq` PRIMARY KEY(`seq`),
	CONSTRAINT `weights_id_unique` UNIQUE(`id`)
);
--> statement-breakpoint
ALTER TABLE `channels` ADD `kind` varchar(20) DEFAULT 'probe' NOT NULL;--> statement-breakpoint
ALTER TABLE `channels` ADD `room` varchar(80);--> statement-breakpoint
ALTER TABLE `scale_wants` ADD CONSTRAINT `scale_wants_channel_id_channels_id_fk` FOREIGN KEY (`channel_id`) REFERENCES `channels`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `weights` ADD CONSTRAINT `weights_channel_id_channels_id_fk` FOREIGN KEY (`channel_id`) REFERENCES `channels`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `weights_channel` ON `weights` (`channel_id`,`seq`);