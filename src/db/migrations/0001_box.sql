CREATE TABLE `movement` (
	`id` varchar(64) NOT NULL,
	`bench_id` varchar(64) NOT NULL,
	`part_id` varchar(64) NOT NULL,
	`amount` double NOT NULL,
	`reason` varchar(200) NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `movement_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `reading` (
	`id` varchar(64) NOT NULL,
	`bench_id` varchar(64) NOT NULL,
	`part_id` varchar(64) NOT NULL,
	`guide` varchar(32) NOT NULL,
	`before` json NOT NULL,
	`after` json NOT NULL,
	`taken_at` datetime(3) NOT NULL,
	CONSTRAINT `reading_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `movement` ADD CONSTRAINT `movement_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `movement` ADD CONSTRAINT `movement_part_id_part_id_fk` FOREIGN KEY (`part_id`) REFERENCES `part`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `reading` ADD CONSTRAINT `reading_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `reading` ADD CONSTRAINT `reading_part_id_part_id_fk` FOREIGN KEY (`part_id`) REFERENCES `part`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `movement_by_part` ON `movement` (`bench_id`,`part_id`);--> statement-breakpoint
CREATE INDEX `reading_by_part` ON `reading` (`bench_id`,`part_id`);