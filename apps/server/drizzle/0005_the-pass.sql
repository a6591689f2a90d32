CREATE TABLE `demand` (
	`date` text NOT NULL,
	`dish` text NOT NULL,
	`count` integer NOT NULL,
	PRIMARY KEY(`date`, `dish`)
);
--> statement-breakpoint
CREATE TABLE `dishes` (
	`id` text PRIMARY KEY NOT NULL,
	`created_at` integer NOT NULL,
	`record` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `service_events` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`service_id` text NOT NULL,
	`ticket` text,
	`at` integer NOT NULL,
	`received_at` integer NOT NULL,
	`record` text NOT NULL,
	FOREIGN KEY (`service_id`) REFERENCES `services`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `service_events_id_unique` ON `service_events` (`id`);--> statement-breakpoint
CREATE INDEX `service_events_service` ON `service_events` (`service_id`,`seq`);--> statement-breakpoint
CREATE INDEX `service_events_ticket` ON `service_events` (`ticket`);--> statement-breakpoint
CREATE TABLE `services` (
	`id` text PRIMARY KEY NOT NULL,
	`opens_at` integer NOT NULL,
	`record` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `services_opens_at` ON `services` (`opens_at`);