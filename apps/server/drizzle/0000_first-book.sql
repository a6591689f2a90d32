CREATE TABLE `cooks` (
	`id` text PRIMARY KEY NOT NULL,
	`created_at` integer NOT NULL,
	`title` text NOT NULL,
	`target` real NOT NULL,
	`cook_seconds` real NOT NULL,
	`plan` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `cooks_created_at` ON `cooks` (`created_at`);--> statement-breakpoint
CREATE TABLE `events` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`cook_id` text NOT NULL,
	`kind` text NOT NULL,
	`at` integer NOT NULL,
	`received_at` integer NOT NULL,
	`celsius` real,
	`undoes` text,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `events_id_unique` ON `events` (`id`);--> statement-breakpoint
CREATE INDEX `events_cook` ON `events` (`cook_id`,`at`);--> statement-breakpoint
CREATE TABLE `judgements` (
	`cook_id` text PRIMARY KEY NOT NULL,
	`end_temperature` real,
	`crust` text,
	`notes` text NOT NULL,
	`judged_at` integer NOT NULL,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `plans` (
	`id` text PRIMARY KEY NOT NULL,
	`created_at` integer NOT NULL,
	`plate_at` integer NOT NULL,
	`record` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `plans_created_at` ON `plans` (`created_at`);