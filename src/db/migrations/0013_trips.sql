CREATE TABLE `trip_event` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`trip_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`kind` varchar(20) NOT NULL,
	`at_s` double NOT NULL,
	`behind_s` double NOT NULL,
	`document` json NOT NULL,
	CONSTRAINT `trip_event_bench_id_id_pk` PRIMARY KEY(`bench_id`,`id`)
);
--> statement-breakpoint
ALTER TABLE `trip_event` ADD CONSTRAINT `trip_event_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `trip_event_by_trip` ON `trip_event` (`bench_id`,`trip_id`,`at_s`);