CREATE TABLE `trial` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`version` int NOT NULL,
	`document` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `trial_bench_id_id_pk` PRIMARY KEY(`bench_id`,`id`),
	CONSTRAINT `trial_version` CHECK(`trial`.`version` >= 0)
);
--> statement-breakpoint
ALTER TABLE `trial` ADD CONSTRAINT `trial_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;