CREATE TABLE `jobs` (
	`id` varchar(36) NOT NULL,
	`version` int unsigned NOT NULL,
	`title` varchar(200) NOT NULL,
	`document` longtext NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	CONSTRAINT `jobs_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE INDEX `jobs_updated_at` ON `jobs` (`updated_at`);