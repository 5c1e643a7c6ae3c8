CREATE TABLE `account` (
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`account_id` varchar(64) NOT NULL,
	`provider_id` varchar(32) NOT NULL,
	`user_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`access_token` text,
	`refresh_token` text,
	`id_token` text,
	`access_token_expires_at` datetime(3),
	`refresh_token_expires_at` datetime(3),
	`scope` text,
	`password` text,
	`created_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	CONSTRAINT `account_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `passkey` (
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`name` varchar(60),
	`public_key` text NOT NULL,
	`user_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`credential_id` varchar(700) NOT NULL,
	`counter` int NOT NULL,
	`device_type` varchar(32) NOT NULL,
	`backed_up` boolean NOT NULL,
	`transports` varchar(120),
	`created_at` datetime(3),
	`aaguid` varchar(64),
	CONSTRAINT `passkey_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `rate_limit` (
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`key` varchar(255) NOT NULL,
	`count` int NOT NULL,
	`last_request` bigint NOT NULL,
	CONSTRAINT `rate_limit_id` PRIMARY KEY(`id`),
	CONSTRAINT `rate_limit_key_unique` UNIQUE(`key`)
);
--> statement-breakpoint
CREATE TABLE `recovery_code` (
	`user_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`hash` char(64) NOT NULL,
	CONSTRAINT `recovery_code_user_id_hash_pk` PRIMARY KEY(`user_id`,`hash`)
);
--> statement-breakpoint
CREATE TABLE `session` (
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`token` varchar(64) NOT NULL,
	`user_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	`ip_address` varchar(64),
	`user_agent` varchar(400),
	`created_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	CONSTRAINT `session_id` PRIMARY KEY(`id`),
	CONSTRAINT `session_token_unique` UNIQUE(`token`)
);
--> statement-breakpoint
CREATE TABLE `user` (
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`name` varchar(60) NOT NULL,
	`email` varchar(120) NOT NULL,
	`email_verified` boolean NOT NULL DEFAULT false,
	`image` text,
	`username` varchar(60),
	`created_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	`preferences` varchar(400),
	CONSTRAINT `user_id` PRIMARY KEY(`id`),
	CONSTRAINT `user_email_unique` UNIQUE(`email`),
	CONSTRAINT `user_username_unique` UNIQUE(`username`)
);
--> statement-breakpoint
CREATE TABLE `verification` (
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`identifier` varchar(255) NOT NULL,
	`value` text NOT NULL,
	`expires_at` datetime(3) NOT NULL,
	`created_at` datetime(3) NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	CONSTRAINT `verification_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
CREATE TABLE `link` (
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`hash` char(64) NOT NULL,
	`role` varchar(12),
	`shows` varchar(12),
	`thing_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin,
	`name` varchar(60) NOT NULL,
	`made_by` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin,
	`made_at` datetime(3) NOT NULL,
	`until` datetime(3) NOT NULL,
	CONSTRAINT `link_id` PRIMARY KEY(`id`),
	CONSTRAINT `link_hash_unique` UNIQUE(`hash`),
	CONSTRAINT `link_leads_one_way` CHECK((`link`.`role` is null) <> (`link`.`shows` is null))
);
--> statement-breakpoint
CREATE TABLE `member` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`user_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`role` varchar(12) NOT NULL,
	`angler_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`since` datetime(3) NOT NULL,
	CONSTRAINT `member_bench_id_user_id_pk` PRIMARY KEY(`bench_id`,`user_id`),
	CONSTRAINT `member_role` CHECK(`member`.`role` in ('owner', 'builder', 'mate'))
);
--> statement-breakpoint
CREATE TABLE `rod_holder` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`part_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`angler_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`since` datetime(3) NOT NULL,
	CONSTRAINT `rod_holder_bench_id_part_id_pk` PRIMARY KEY(`bench_id`,`part_id`)
);
--> statement-breakpoint
CREATE TABLE `live_message` (
	`id` bigint AUTO_INCREMENT NOT NULL,
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`origin` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`at` datetime(3) NOT NULL DEFAULT (utc_timestamp(3)),
	`body` mediumtext NOT NULL,
	CONSTRAINT `live_message_id` PRIMARY KEY(`id`)
);
--> statement-breakpoint
ALTER TABLE `helm_event` ADD `author_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;--> statement-breakpoint
ALTER TABLE `trip_event` ADD `author_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;--> statement-breakpoint
ALTER TABLE `account` ADD CONSTRAINT `account_user_id_user_id_fk` FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `passkey` ADD CONSTRAINT `passkey_user_id_user_id_fk` FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `recovery_code` ADD CONSTRAINT `recovery_code_user_id_user_id_fk` FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `session` ADD CONSTRAINT `session_user_id_user_id_fk` FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `link` ADD CONSTRAINT `link_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `member` ADD CONSTRAINT `member_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `member` ADD CONSTRAINT `member_user_id_user_id_fk` FOREIGN KEY (`user_id`) REFERENCES `user`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `rod_holder` ADD CONSTRAINT `rod_holder_part` FOREIGN KEY (`bench_id`,`part_id`) REFERENCES `part`(`bench_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `rod_holder` ADD CONSTRAINT `rod_holder_angler` FOREIGN KEY (`bench_id`,`angler_id`) REFERENCES `angler`(`bench_id`,`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE `live_message` ADD CONSTRAINT `live_message_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX `account_by_user` ON `account` (`user_id`);--> statement-breakpoint
CREATE INDEX `passkey_by_user` ON `passkey` (`user_id`);--> statement-breakpoint
CREATE INDEX `session_by_user` ON `session` (`user_id`);--> statement-breakpoint
CREATE INDEX `verification_by_identifier` ON `verification` (`identifier`);--> statement-breakpoint
CREATE INDEX `link_by_bench` ON `link` (`bench_id`);--> statement-breakpoint
CREATE INDEX `member_by_user` ON `member` (`user_id`);--> statement-breakpoint
CREATE INDEX `live_message_by_time` ON `live_message` (`bench_id`,`at`);