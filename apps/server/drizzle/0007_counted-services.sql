CREATE TABLE `__new_demand` (
	`date` text NOT NULL,
	`dish` text NOT NULL,
	`count` integer NOT NULL,
	`source` text DEFAULT '' NOT NULL,
	PRIMARY KEY(`date`, `dish`, `source`)
);
--> statement-breakpoint
INSERT INTO `__new_demand`("date", "dish", "count", "source") SELECT `date`, `dish`, `count`, '' FROM `demand`;--> statement-breakpoint
DROP TABLE `demand`;--> statement-breakpoint
ALTER TABLE `__new_demand` RENAME TO `demand`;--> statement-breakpoint
ALTER TABLE `dishes` ADD `removed_at` integer;