CREATE TABLE `practice` (
	`id` text PRIMARY KEY NOT NULL,
	`at` integer NOT NULL,
	`record` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `practice_at` ON `practice` (`at`);