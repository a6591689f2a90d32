CREATE TABLE `log` (
	`seq` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`id` text NOT NULL,
	`cook_id` text,
	`service_id` text,
	`order_id` text,
	`device` text DEFAULT '' NOT NULL,
	`kind` text NOT NULL,
	`at` integer NOT NULL,
	`received_at` integer NOT NULL,
	`body` text,
	FOREIGN KEY (`cook_id`) REFERENCES `cooks`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`service_id`) REFERENCES `services`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE UNIQUE INDEX `log_id_unique` ON `log` (`id`);--> statement-breakpoint
CREATE INDEX `log_cook` ON `log` (`cook_id`,`seq`);--> statement-breakpoint
CREATE INDEX `log_service` ON `log` (`service_id`,`seq`);--> statement-breakpoint
CREATE INDEX `log_order` ON `log` (`order_id`);--> statement-breakpoint
-- Streams are opened first; a service's entries come before those of its cooks, as devices send them. A row whose
-- JSON is damaged goes along as it is: it is named when it is read.
INSERT OR IGNORE INTO `log` (`id`, `cook_id`, `service_id`, `order_id`, `kind`, `at`, `received_at`, `body`)
SELECT `id`, `cook_id`, `service_id`, `order_id`, `kind`, `at`, `received_at`, `body` FROM (
	SELECT `id`, `id` AS `cook_id`, NULL AS `service_id`, NULL AS `order_id`, 'opened' AS `kind`, `created_at` AS `at`,
		`created_at` AS `received_at`, NULL AS `body`, 0 AS `rank`, 0 AS `was`
	FROM `cooks`
	UNION ALL
	SELECT `id`, NULL, `id`, NULL, 'opened', `opens_at`, `opens_at`, NULL, 0, 0 FROM `services`
	UNION ALL
	SELECT `id`, NULL, `service_id`, `ticket`,
		CASE WHEN json_valid(`record`) THEN coalesce(json_extract(`record`, '$.kind'), '') ELSE '' END,
		`at`, `received_at`,
		CASE WHEN json_valid(`record`) THEN json_remove(`record`, '$.id', '$.kind', '$.at') ELSE `record` END, 1, `seq`
	FROM `service_events`
	UNION ALL
	SELECT `id`, `cook_id`, NULL, NULL, `kind`, `at`, `received_at`,
		CASE
			WHEN `detail` IS NOT NULL AND NOT json_valid(`detail`) THEN `detail`
			WHEN `celsius` IS NOT NULL THEN json_set(coalesce(`detail`, '{}'), '$.celsius', `celsius`)
			WHEN `undoes` IS NOT NULL THEN json_set(coalesce(`detail`, '{}'), '$.of', `undoes`)
			ELSE coalesce(`detail`, '{}')
		END, 2, `seq`
	FROM `events`
) ORDER BY `rank`, `was`, `received_at`;--> statement-breakpoint
DROP TABLE `events`;--> statement-breakpoint
DROP TABLE `service_events`;--> statement-breakpoint
ALTER TABLE `books` ADD `menu_version` integer DEFAULT 1 NOT NULL;