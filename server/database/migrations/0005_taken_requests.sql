CREATE TABLE `taken_requests` (
	`request_key` varchar(80) NOT NULL,
	`asked` varchar(64) NOT NULL,
	`kept` longtext,
	`taken_at` datetime(3) NOT NULL,
	CONSTRAINT `taken_requests_request_key` PRIMARY KEY(`request_key`)
);
--> statement-breakpoint
DROP INDEX `jobs_updated_at` ON `jobs`;--> statement-breakpoint
ALTER TABLE `jobs` ADD `summary` longtext;--> statement-breakpoint
ALTER TABLE `jobs` ADD `summary_of` varchar(40);--> statement-breakpoint
ALTER TABLE `jobs` ADD `deleted_at` datetime(3);--> statement-breakpoint
CREATE INDEX `taken_requests_at` ON `taken_requests` (`taken_at`);--> statement-breakpoint
CREATE INDEX `jobs_updated_at` ON `jobs` (`updated_at`,`id`);