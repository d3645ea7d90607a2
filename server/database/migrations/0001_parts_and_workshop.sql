CREATE TABLE `parts` (
	`id` int unsigned AUTO_INCREMENT NOT NULL,
	`part_key` varchar(120) NOT NULL,
	`socket` varchar(80) NOT NULL,
	`fitting` enum('elbow-90','elbow-45','tee','coupling','valve','union','reducer','adapter','outlet'),
	`fitting_end` enum('either','run','branch') NOT NULL,
	`mm` double NOT NULL,
	`tolerance` double NOT NULL,
	`basis` enum('measured','maker') NOT NULL,
	`recorded_by` varchar(80) NOT NULL,
	`note` varchar(200) NOT NULL,
	`withdrawn` boolean NOT NULL,
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `parts_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `workshop` (
	`id` int NOT NULL,
	`document` longtext NOT NULL,
	`changed_at` datetime(3) NOT NULL,
	CONSTRAINT `workshop_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE INDEX `parts_key` ON `parts` (`part_key`);