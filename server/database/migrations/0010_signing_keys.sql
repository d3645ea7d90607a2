CREATE TABLE `signing_keys` (
	`id` int NOT NULL,
	`public_key` varchar(64) NOT NULL,
	`private_key` varchar(200) NOT NULL,
	`made_at` datetime(3) NOT NULL,
	CONSTRAINT `signing_keys_id` PRIMARY KEY(`id`)
);
