DROP TABLE `trip_cells`;--> statement-breakpoint
CREATE TABLE `trip_cells` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`trip_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`units` varchar(40) NOT NULL,
	`made_of` varchar(160) NOT NULL,
	`body` mediumblob NOT NULL,
	CONSTRAINT `trip_cells_bench_id_trip_id_units_pk` PRIMARY KEY(`bench_id`,`trip_id`,`units`)
);
--> statement-breakpoint
ALTER TABLE `trip_cells` ADD CONSTRAINT `trip_cells_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;
