DROP TABLE `burners`;--> statement-breakpoint
DROP TABLE `pots`;--> statement-breakpoint
DROP TABLE `rooms`;--> statement-breakpoint
DROP TABLE `vessels`;