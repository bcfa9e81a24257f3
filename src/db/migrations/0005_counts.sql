CREATE INDEX `batches_months` ON `batches` (`practice`,`started_at`,`score`);--> statement-breakpoint
CREATE INDEX `batches_ring` ON `batches` (`burner`);--> statement-breakpoint
CREATE INDEX `batches_named` ON `batches` (`formula_id`,`name`);