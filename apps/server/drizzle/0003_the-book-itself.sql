CREATE TABLE `books` (
	`id` integer PRIMARY KEY NOT NULL,
	`identity` text NOT NULL,
	`replaces` text DEFAULT '' NOT NULL
);
--> statement-breakpoint
ALTER TABLE `kitchens` ADD `version` integer DEFAULT 1 NOT NULL;