CREATE TABLE `van_rows` (
	`item` varchar(160) NOT NULL,
	`mm` double NOT NULL,
	`nth` int unsigned NOT NULL,
	`what` varchar(200) NOT NULL,
	`count` int NOT NULL,
	`there` int unsigned NOT NULL,
	`least` int unsigned NOT NULL,
	`job` varchar(36),
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `van_rows_item_mm_nth_pk` PRIMARY KEY(`item`,`mm`,`nth`)
);
--> statement-breakpoint
CREATE INDEX `van_rows_job` ON `van_rows` (`job`);