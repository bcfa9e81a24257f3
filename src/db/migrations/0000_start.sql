CREATE TABLE `batches` (
	`id` char(26) NOT NULL,
	`formula_id` varchar(80) NOT NULL,
	`revision` int NOT NULL,
	`plan` json NOT NULL,
	`conditions` json NOT NULL,
	`started_at` datetime(3) NOT NULL,
	`note` text NOT NULL,
	CONSTRAINT `batches_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `boils` (
	`id` char(26) NOT NULL,
	`batch_id` char(26) NOT NULL,
	`number` int NOT NULL,
	`label` varchar(200) NOT NULL,
	`channel_id` varchar(80),
	`started_at` datetime(3) NOT NULL,
	`ended_at` datetime(3),
	CONSTRAINT `boils_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `burners` (
	`id` varchar(80) NOT NULL,
	`name` varchar(200) NOT NULL,
	`watts` double NOT NULL,
	`efficiency` double NOT NULL,
	`response_s` double NOT NULL,
	CONSTRAINT `burners_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `channels` (
	`id` varchar(80) NOT NULL,
	`name` varchar(200) NOT NULL,
	`token_hash` char(64) NOT NULL,
	`lag_s` double NOT NULL,
	`noise_c` double NOT NULL,
	CONSTRAINT `channels_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `events` (
	`seq` bigint AUTO_INCREMENT NOT NULL,
	`id` char(26) NOT NULL,
	`boil_id` char(26) NOT NULL,
	`at` datetime(3) NOT NULL,
	`act` json NOT NULL,
	`received_at` datetime(3) NOT NULL,
	CONSTRAINT `events_seq` PRIMARY KEY(`seq`),
	CONSTRAINT `events_id_unique` UNIQUE(`id`)
);
--> statement-breakpoint
CREATE TABLE `formula_revisions` (
	`formula_id` varchar(80) NOT NULL,
	`number` int NOT NULL,
	`document` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `formula_revisions_formula_id_number_pk` PRIMARY KEY(`formula_id`,`number`)
);
--> statement-breakpoint
CREATE TABLE `formulas` (
	`id` varchar(80) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `formulas_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `pots` (
	`id` varchar(80) NOT NULL,
	`name` varchar(200) NOT NULL,
	`litres` double NOT NULL,
	`diameter_mm` double NOT NULL,
	`mass_kg` double NOT NULL,
	`metal` varchar(20) NOT NULL,
	CONSTRAINT `pots_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `readings` (
	`seq` bigint AUTO_INCREMENT NOT NULL,
	`id` varchar(40) NOT NULL,
	`boil_id` char(26) NOT NULL,
	`at` datetime(3) NOT NULL,
	`celsius` double NOT NULL,
	CONSTRAINT `readings_seq` PRIMARY KEY(`seq`),
	CONSTRAINT `readings_id_unique` UNIQUE(`id`)
);
--> statement-breakpoint
CREATE TABLE `rooms` (
	`id` varchar(80) NOT NULL,
	`name` varchar(200) NOT NULL,
	`altitude_m` int NOT NULL,
	`room_c` double NOT NULL,
	`humidity` double NOT NULL,
	CONSTRAINT `rooms_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `vessels` (
	`id` varchar(80) NOT NULL,
	`facts` json NOT NULL,
	CONSTRAINT `vessels_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `batches` ADD CONSTRAINT `batches_revision_fk` FOREIGN KEY (`formula_id`,`revision`) REFERENCES `formula_revisions`(`formula_id`,`number`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `boils` ADD CONSTRAINT `boils_batch_id_batches_id_fk` FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `boils` ADD CONSTRAINT `boils_channel_id_channels_id_fk` FOREIGN KEY (`channel_id`) REFERENCES `channels`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `events` ADD CONSTRAINT `events_boil_id_boils_id_fk` FOREIGN KEY (`boil_id`) REFERENCES `boils`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `formula_revisions` ADD CONSTRAINT `formula_revisions_formula_id_formulas_id_fk` FOREIGN KEY (`formula_id`) REFERENCES `formulas`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `readings` ADD CONSTRAINT `readings_boil_id_boils_id_fk` FOREIGN KEY (`boil_id`) REFERENCES `boils`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `batches_started` ON `batches` (`started_at`);--> statement-breakpoint
CREATE INDEX `boils_channel` ON `boils` (`channel_id`,`started_at`);--> statement-breakpoint
CREATE INDEX `boils_batch` ON `boils` (`batch_id`);--> statement-breakpoint
CREATE INDEX `events_boil` ON `events` (`boil_id`,`seq`);--> statement-breakpoint
CREATE INDEX `readings_boil` ON `readings` (`boil_id`,`seq`);--> statement-breakpoint
CREATE INDEX `readings_time` ON `readings` (`boil_id`,`at`);