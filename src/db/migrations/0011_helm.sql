CREATE TABLE `helm_event` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`at_s` double NOT NULL,
	`document` json NOT NULL,
	CONSTRAINT `helm_event_bench_id_id_pk` PRIMARY KEY(`bench_id`,`id`)
);
--> statement-breakpoint
CREATE TABLE `helm` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`version` int NOT NULL,
	`document` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `helm_bench_id_id_pk` PRIMARY KEY(`bench_id`,`id`),
	CONSTRAINT `helm_version` CHECK(`helm`.`version` >= 0)
);
--> statement-breakpoint
CREATE TABLE `instrument_block` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`start_s` bigint NOT NULL,
	`body` mediumblob NOT NULL,
	CONSTRAINT `instrument_block_bench_id_start_s_pk` PRIMARY KEY(`bench_id`,`start_s`)
);
--> statement-breakpoint
CREATE TABLE `lease` (
	`name` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`holder` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`until` datetime(3) NOT NULL,
	CONSTRAINT `lease_name` PRIMARY KEY(`name`)
);
--> statement-breakpoint
ALTER TABLE `helm_event` ADD CONSTRAINT `helm_event_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `helm` ADD CONSTRAINT `helm_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `instrument_block` ADD CONSTRAINT `instrument_block_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `helm_event_by_time` ON `helm_event` (`bench_id`,`at_s`);