CREATE TABLE `bench` (
	`id` varchar(64) NOT NULL,
	`name` varchar(120) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	CONSTRAINT `bench_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `part` (
	`id` varchar(64) NOT NULL,
	`bench_id` varchar(64) NOT NULL,
	`kind` varchar(32) NOT NULL,
	`document` json NOT NULL,
	`version` int NOT NULL DEFAULT 1,
	`updated_at` datetime(3) NOT NULL,
	`archived_at` datetime(3),
	CONSTRAINT `part_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `revision` (
	`id` varchar(64) NOT NULL,
	`bench_id` varchar(64) NOT NULL,
	`setup_id` varchar(64) NOT NULL,
	`number` int NOT NULL,
	`reason` varchar(400) NOT NULL,
	`chain` json NOT NULL,
	`presentation` json NOT NULL,
	`saved_at` datetime(3) NOT NULL,
	CONSTRAINT `revision_id` PRIMARY KEY(`id`),
	CONSTRAINT `revision_number` UNIQUE(`setup_id`,`number`)
);
--> statement-breakpoint
CREATE TABLE `revision_part` (
	`revision_id` varchar(64) NOT NULL,
	`part_id` varchar(64) NOT NULL,
	`document` json NOT NULL,
	CONSTRAINT `revision_part_revision_id_part_id_pk` PRIMARY KEY(`revision_id`,`part_id`)
);
--> statement-breakpoint
CREATE TABLE `setup` (
	`id` varchar(64) NOT NULL,
	`bench_id` varchar(64) NOT NULL,
	`name` varchar(120) NOT NULL,
	`version` int NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`archived_at` datetime(3),
	CONSTRAINT `setup_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `part` ADD CONSTRAINT `part_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `revision` ADD CONSTRAINT `revision_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `revision` ADD CONSTRAINT `revision_setup_id_setup_id_fk` FOREIGN KEY (`setup_id`) REFERENCES `setup`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `revision_part` ADD CONSTRAINT `revision_part_revision_id_revision_id_fk` FOREIGN KEY (`revision_id`) REFERENCES `revision`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `revision_part` ADD CONSTRAINT `revision_part_part_id_part_id_fk` FOREIGN KEY (`part_id`) REFERENCES `part`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `setup` ADD CONSTRAINT `setup_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `part_by_bench` ON `part` (`bench_id`,`kind`);--> statement-breakpoint
CREATE INDEX `revision_part_by_part` ON `revision_part` (`part_id`);--> statement-breakpoint
CREATE INDEX `setup_by_bench` ON `setup` (`bench_id`);