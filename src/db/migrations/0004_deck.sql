CREATE TABLE `deck` (
	`id` varchar(64) NOT NULL,
	`bench_id` varchar(64) NOT NULL,
	`version` int NOT NULL,
	`document` json NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `deck_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `deck` ADD CONSTRAINT `deck_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `deck_by_bench` ON `deck` (`bench_id`);