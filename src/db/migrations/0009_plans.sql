CREATE TABLE `plan` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`version` int NOT NULL,
	`document` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `plan_bench_id_id_pk` PRIMARY KEY(`bench_id`,`id`),
	CONSTRAINT `plan_version` CHECK(`plan`.`version` >= 0)
);
--> statement-breakpoint
CREATE TABLE `water` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`version` int NOT NULL,
	`document` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `water_bench_id_id_pk` PRIMARY KEY(`bench_id`,`id`),
	CONSTRAINT `water_version` CHECK(`water`.`version` >= 0)
);
--> statement-breakpoint
ALTER TABLE `plan` ADD CONSTRAINT `plan_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `water` ADD CONSTRAINT `water_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;