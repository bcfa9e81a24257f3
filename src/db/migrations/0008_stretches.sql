ALTER TABLE `readings` ADD `stretch` bigint GENERATED ALWAYS AS (to_seconds(`at`) div 10) VIRTUAL;--> statement-breakpoint
CREATE INDEX `readings_stretch` ON `readings` (`boil_id`,`stretch`,`at`);