CREATE TABLE `cuttings` (
	`id` int unsigned AUTO_INCREMENT NOT NULL,
	`job` varchar(36) NOT NULL,
	`pipe` varchar(120) NOT NULL,
	`bars` longtext NOT NULL,
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `cuttings_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `offcut_uses` (
	`offcut` int unsigned NOT NULL,
	`used_for` varchar(200) NOT NULL,
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `offcut_uses_offcut` PRIMARY KEY(`offcut`)
);
--> statement-breakpoint
CREATE TABLE `offcuts` (
	`id` int unsigned AUTO_INCREMENT NOT NULL,
	`pipe` varchar(120) NOT NULL,
	`mm` double NOT NULL,
	`left_from` varchar(200) NOT NULL,
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `offcuts_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `cuttings` ADD CONSTRAINT `cuttings_job_jobs_id_fk` FOREIGN KEY (`job`) REFERENCES `jobs`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `offcut_uses` ADD CONSTRAINT `offcut_uses_offcut_offcuts_id_fk` FOREIGN KEY (`offcut`) REFERENCES `offcuts`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `cuttings_job` ON `cuttings` (`job`);--> statement-breakpoint
CREATE INDEX `offcuts_pipe` ON `offcuts` (`pipe`);