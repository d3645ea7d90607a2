CREATE TABLE `days_seen` (
	`day` varchar(10) NOT NULL,
	CONSTRAINT `days_seen_day` PRIMARY KEY(`day`)
);
--> statement-breakpoint
CREATE TABLE `generations` (
	`seq` int unsigned AUTO_INCREMENT NOT NULL,
	`id` varchar(36) NOT NULL,
	`begun_at` datetime(3) NOT NULL,
	CONSTRAINT `generations_seq` PRIMARY KEY(`seq`)
);
--> statement-breakpoint
CREATE TABLE `photo_pieces` (
	`sha` varchar(64) NOT NULL,
	`piece_from` int unsigned NOT NULL,
	`size` int unsigned NOT NULL,
	`base64` longtext NOT NULL,
	`recorded_at` datetime(3) NOT NULL,
	CONSTRAINT `photo_pieces_sha_piece_from_pk` PRIMARY KEY(`sha`,`piece_from`)
);
--> statement-breakpoint
ALTER TABLE `log_entries` ADD `clock_ahead_ms` bigint;--> statement-breakpoint
INSERT INTO `generations` (`id`, `begun_at`) VALUES (UUID(), UTC_TIMESTAMP(3));