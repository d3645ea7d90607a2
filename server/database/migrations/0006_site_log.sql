CREATE TABLE `log_entries` (
	`seq` int unsigned AUTO_INCREMENT NOT NULL,
	`id` varchar(60) NOT NULL,
	`job` varchar(36) NOT NULL,
	`entry` longtext NOT NULL,
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `log_entries_seq` PRIMARY KEY(`seq`),
	CONSTRAINT `log_entries_id_unique` UNIQUE(`id`)
);
--> statement-breakpoint
CREATE TABLE `photos` (
	`sha` varchar(64) NOT NULL,
	`type` varchar(40) NOT NULL,
	`size` int unsigned NOT NULL,
	`base64` longtext NOT NULL,
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `photos_sha` PRIMARY KEY(`sha`)
);
--> statement-breakpoint
ALTER TABLE `parts` MODIFY COLUMN `fitting` enum('elbow-90','elbow-45','tee','coupling','slip-coupling','valve','union','reducer','adapter','outlet');--> statement-breakpoint
ALTER TABLE `log_entries` ADD CONSTRAINT `log_entries_job_jobs_id_fk` FOREIGN KEY (`job`) REFERENCES `jobs`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `log_entries_job` ON `log_entries` (`job`,`seq`);