ALTER TABLE `parts` MODIFY COLUMN `part_key` varchar(160) NOT NULL;--> statement-breakpoint
ALTER TABLE `parts` ADD `fitting_name` varchar(120);