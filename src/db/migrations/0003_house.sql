CREATE TABLE `house` (
	`bench_id` varchar(64) NOT NULL,
	`document` json NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	CONSTRAINT `house_bench_id` PRIMARY KEY(`bench_id`)
);
--> statement-breakpoint
ALTER TABLE `house` ADD CONSTRAINT `house_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE cascade ON UPDATE no action;