CREATE TABLE `bench_state` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`state` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	CONSTRAINT `bench_state_bench_id` PRIMARY KEY(`bench_id`)
);
--> statement-breakpoint
INSERT INTO `bench_state` (`bench_id`, `state`) SELECT `id`, UUID() FROM `bench`;
