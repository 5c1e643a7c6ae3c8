CREATE TABLE `device` (
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`name` varchar(60) NOT NULL,
	`paired_at` datetime(3) NOT NULL,
	`revoked_at` datetime(3),
	CONSTRAINT `device_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `pairing_code` (
	`id` int NOT NULL,
	`hash` char(64) NOT NULL,
	`until` datetime(3) NOT NULL,
	`tries` int NOT NULL,
	CONSTRAINT `pairing_code_id` PRIMARY KEY(`id`)
);
