CREATE TABLE `done_once` (
	`what` varchar(40) NOT NULL,
	`done_at` datetime(3) NOT NULL,
	CONSTRAINT `done_once_what` PRIMARY KEY(`what`)
);--> statement-breakpoint
-- A database that was in use before has had its demo data, or was never to have any.
INSERT INTO `done_once` (`what`, `done_at`) SELECT 'demo', NOW(3) FROM DUAL WHERE EXISTS (SELECT 1 FROM `jobs`) OR EXISTS (SELECT 1 FROM `parts`) OR EXISTS (SELECT 1 FROM `offcuts`) OR EXISTS (SELECT 1 FROM `workshop`);
