CREATE TABLE `kitchens` (
	`id` integer PRIMARY KEY NOT NULL,
	`changed_at` integer NOT NULL,
	`record` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `photos` (
	`cook_id` text PRIMARY KEY NOT NULL,
	`type` text NOT NULL,
	`bytes` blob NOT NULL,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `trials` (
	`id` text PRIMARY KEY NOT NULL,
	`created_at` integer NOT NULL,
	`record` text NOT NULL
);
--> statement-breakpoint
DROP INDEX `cooks_created_at`;--> statement-breakpoint
ALTER TABLE `cooks` ADD `cut` text;--> statement-breakpoint
ALTER TABLE `cooks` ADD `own` text;--> statement-breakpoint
ALTER TABLE `cooks` ADD `way` text;--> statement-breakpoint
ALTER TABLE `cooks` ADD `thickness` real;--> statement-breakpoint
ALTER TABLE `cooks` ADD `weight` real;--> statement-breakpoint
ALTER TABLE `cooks` ADD `pan` real;--> statement-breakpoint
ALTER TABLE `cooks` ADD `pull_at` real;--> statement-breakpoint
ALTER TABLE `cooks` ADD `learned` integer;--> statement-breakpoint
ALTER TABLE `cooks` ADD `trial` text;--> statement-breakpoint
ALTER TABLE `cooks` ADD `actual_seconds` real;--> statement-breakpoint
ALTER TABLE `cooks` ADD `actual_pull` real;--> statement-breakpoint
ALTER TABLE `cooks` ADD `sliced_at` integer;--> statement-breakpoint
ALTER TABLE `cooks` ADD `search` text;--> statement-breakpoint
ALTER TABLE `cooks` ADD `deleted_at` integer;--> statement-breakpoint
ALTER TABLE `cooks` ADD `pending` text;--> statement-breakpoint
CREATE INDEX `cooks_in_book` ON `cooks` (`deleted_at`,`pending`,`created_at`,`id`);--> statement-breakpoint
CREATE INDEX `cooks_trial` ON `cooks` (`trial`);--> statement-breakpoint
CREATE INDEX `cooks_pending` ON `cooks` (`pending`);--> statement-breakpoint
ALTER TABLE `judgements` ADD `again` text;--> statement-breakpoint
ALTER TABLE `judgements` ADD `weight_before` real;--> statement-breakpoint
ALTER TABLE `judgements` ADD `weight_after` real;--> statement-breakpoint
ALTER TABLE `judgements` ADD `paid` real;--> statement-breakpoint
ALTER TABLE `judgements` ADD `detail` text;