CREATE TABLE `leader` (
	`id` varchar(64) NOT NULL,
	`bench_id` varchar(64) NOT NULL,
	`document` json NOT NULL,
	`tied_at` datetime(3) NOT NULL,
	CONSTRAINT `leader_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `leader` ADD CONSTRAINT `leader_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `leader_by_bench` ON `leader` (`bench_id`);