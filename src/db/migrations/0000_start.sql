CREATE TABLE `batches` (
	`id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`formula_id` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`revision` int NOT NULL,
	`plan` json NOT NULL,
	`conditions` json NOT NULL,
	`started_at` datetime(3) NOT NULL,
	`note` text NOT NULL,
	`name` varchar(200) NOT NULL,
	`family` varchar(30) NOT NULL,
	`room` varchar(200) NOT NULL,
	`out_grams` double NOT NULL,
	`pieces` int NOT NULL,
	`boils_planned` int NOT NULL,
	`target_c` double NOT NULL,
	`within_c` double NOT NULL,
	`score` int,
	CONSTRAINT `batches_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `boil_summaries` (
	`boil` int unsigned NOT NULL,
	`reached_c` double,
	`minutes` double NOT NULL,
	`curve` json NOT NULL,
	CONSTRAINT `boil_summaries_boil` PRIMARY KEY(`boil`)
);
--> statement-breakpoint
CREATE TABLE `boils` (
	`key` int unsigned AUTO_INCREMENT NOT NULL,
	`id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`batch_id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`number` int NOT NULL,
	`label` varchar(200) NOT NULL,
	`channel_id` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin,
	`started_at` datetime(3) NOT NULL,
	`ended_at` datetime(3),
	`readings` int unsigned NOT NULL DEFAULT 0,
	`events` int unsigned NOT NULL DEFAULT 0,
	`last_reading_at` datetime(3),
	CONSTRAINT `boils_key` PRIMARY KEY(`key`),
	CONSTRAINT `boils_id_unique` UNIQUE(`id`),
	CONSTRAINT `boils_batch` UNIQUE(`batch_id`,`number`)
);
--> statement-breakpoint
CREATE TABLE `channels` (
	`id` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`name` varchar(200) NOT NULL,
	`token_hash` char(64) NOT NULL,
	`lag_s` double NOT NULL,
	`noise_c` double NOT NULL,
	`kind` varchar(20) NOT NULL DEFAULT 'probe',
	`room` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin,
	CONSTRAINT `channels_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `events` (
	`boil` int unsigned NOT NULL,
	`n` int unsigned NOT NULL,
	`id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`at` datetime(3) NOT NULL,
	`act` json NOT NULL,
	`received_at` datetime(3) NOT NULL,
	`by_screen` varchar(60),
	CONSTRAINT `events_boil_n_pk` PRIMARY KEY(`boil`,`n`),
	CONSTRAINT `events_id_unique` UNIQUE(`id`)
);
--> statement-breakpoint
CREATE TABLE `formula_ingredients` (
	`formula_id` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`ingredient` varchar(40) NOT NULL,
	`grams` double NOT NULL,
	CONSTRAINT `formula_ingredients_formula_id_ingredient_pk` PRIMARY KEY(`formula_id`,`ingredient`)
);
--> statement-breakpoint
CREATE TABLE `formula_revisions` (
	`formula_id` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`number` int NOT NULL,
	`document` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`write_id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin,
	CONSTRAINT `formula_revisions_formula_id_number_pk` PRIMARY KEY(`formula_id`,`number`),
	CONSTRAINT `formula_revisions_write_id_unique` UNIQUE(`write_id`)
);
--> statement-breakpoint
CREATE TABLE `formulas` (
	`id` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`latest` int NOT NULL DEFAULT 0,
	`name` varchar(200) NOT NULL DEFAULT '',
	`family` varchar(30) NOT NULL DEFAULT '',
	`school` varchar(40) NOT NULL DEFAULT '',
	`about` text,
	`target_c` double,
	`out_grams` double NOT NULL DEFAULT 0,
	`boils` int NOT NULL DEFAULT 0,
	`allergens` varchar(200) NOT NULL DEFAULT '',
	`words` text,
	CONSTRAINT `formulas_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `kitchen_things` (
	`kind` varchar(20) NOT NULL,
	`id` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`facts` json NOT NULL,
	CONSTRAINT `kitchen_things_kind_id_pk` PRIMARY KEY(`kind`,`id`)
);
--> statement-breakpoint
CREATE TABLE `owners` (
	`id` int NOT NULL,
	`passphrase` varchar(255) NOT NULL,
	`changed_at` datetime(3) NOT NULL,
	CONSTRAINT `owners_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `pairings` (
	`id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`code_hash` char(64) NOT NULL,
	`name` varchar(60) NOT NULL,
	`role` varchar(20) NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	`used_at` datetime(3),
	CONSTRAINT `pairings_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `readings` (
	`boil` int unsigned NOT NULL,
	`n` int unsigned NOT NULL,
	`mark` binary(12) NOT NULL,
	`at` datetime(3) NOT NULL,
	`celsius` double NOT NULL,
	CONSTRAINT `readings_boil_n_pk` PRIMARY KEY(`boil`,`n`),
	CONSTRAINT `readings_mark` UNIQUE(`boil`,`mark`)
);
--> statement-breakpoint
CREATE TABLE `scale_states` (
	`channel_id` varchar(80) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`grams` double,
	`at` datetime(3),
	`still_grams` double,
	`still_since` datetime(3),
	`wanted` double,
	CONSTRAINT `scale_states_channel_id` PRIMARY KEY(`channel_id`)
);
--> statement-breakpoint
CREATE TABLE `screens` (
	`id` varchar(26) character set utf8mb4 collate utf8mb4_nopad_bin NOT NULL,
	`name` varchar(60) NOT NULL,
	`role` varchar(20) NOT NULL,
	`token_hash` char(64) NOT NULL,
	`previous_hash` char(64),
	`rotated_at` datetime(3) NOT NULL,
	`paired_at` datetime(3) NOT NULL,
	`last_seen_at` datetime(3) NOT NULL,
	`revoked_at` datetime(3),
	CONSTRAINT `screens_id` PRIMARY KEY(`id`),
	CONSTRAINT `screens_token_hash_unique` UNIQUE(`token_hash`)
);
--> statement-breakpoint
ALTER TABLE `batches` ADD CONSTRAINT `batches_revision_fk` FOREIGN KEY (`formula_id`,`revision`) REFERENCES `formula_revisions`(`formula_id`,`number`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `boil_summaries` ADD CONSTRAINT `boil_summaries_boil_boils_key_fk` FOREIGN KEY (`boil`) REFERENCES `boils`(`key`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `boils` ADD CONSTRAINT `boils_batch_id_batches_id_fk` FOREIGN KEY (`batch_id`) REFERENCES `batches`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `boils` ADD CONSTRAINT `boils_channel_id_channels_id_fk` FOREIGN KEY (`channel_id`) REFERENCES `channels`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `events` ADD CONSTRAINT `events_boil_boils_key_fk` FOREIGN KEY (`boil`) REFERENCES `boils`(`key`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `formula_ingredients` ADD CONSTRAINT `formula_ingredients_formula_id_formulas_id_fk` FOREIGN KEY (`formula_id`) REFERENCES `formulas`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `formula_revisions` ADD CONSTRAINT `formula_revisions_formula_id_formulas_id_fk` FOREIGN KEY (`formula_id`) REFERENCES `formulas`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `readings` ADD CONSTRAINT `readings_boil_boils_key_fk` FOREIGN KEY (`boil`) REFERENCES `boils`(`key`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `scale_states` ADD CONSTRAINT `scale_states_channel_id_channels_id_fk` FOREIGN KEY (`channel_id`) REFERENCES `channels`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `batches_started` ON `batches` (`started_at`,`id`);--> statement-breakpoint
CREATE INDEX `batches_formula` ON `batches` (`formula_id`,`started_at`);--> statement-breakpoint
CREATE INDEX `boils_channel` ON `boils` (`channel_id`,`ended_at`,`id`);--> statement-breakpoint
CREATE INDEX `boils_open` ON `boils` (`ended_at`,`id`);--> statement-breakpoint
CREATE INDEX `formula_ingredients_by` ON `formula_ingredients` (`ingredient`,`grams`);--> statement-breakpoint
CREATE INDEX `formulas_name` ON `formulas` (`name`);--> statement-breakpoint
CREATE INDEX `formulas_family` ON `formulas` (`family`,`school`);--> statement-breakpoint
CREATE INDEX `screens_previous` ON `screens` (`previous_hash`);