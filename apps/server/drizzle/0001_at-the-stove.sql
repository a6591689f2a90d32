ALTER TABLE `cooks` ADD `together` text;--> statement-breakpoint
ALTER TABLE `cooks` ADD `waits` real;--> statement-breakpoint
CREATE INDEX `cooks_together` ON `cooks` (`together`);--> statement-breakpoint
ALTER TABLE `events` ADD `detail` text;