CREATE TABLE `joint_minutes` (
	`id` int unsigned AUTO_INCREMENT NOT NULL,
	`job` varchar(36) NOT NULL,
	`joint` varchar(200) NOT NULL,
	`minutes` double,
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `joint_minutes_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `joint_minutes` ADD CONSTRAINT `joint_minutes_job_jobs_id_fk` FOREIGN KEY (`job`) REFERENCES `jobs`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `joint_minutes_job` ON `joint_minutes` (`job`);