CREATE TABLE `records` (
	`sha` varchar(64) NOT NULL,
	`job` varchar(36) NOT NULL,
	`entry` varchar(60) NOT NULL,
	`document` longtext NOT NULL,
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `records_sha` PRIMARY KEY(`sha`),
	CONSTRAINT `records_entry_unique` UNIQUE(`entry`)
);
--> statement-breakpoint
ALTER TABLE `records` ADD CONSTRAINT `records_job_jobs_id_fk` FOREIGN KEY (`job`) REFERENCES `jobs`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `records_job` ON `records` (`job`,`recorded_at`);