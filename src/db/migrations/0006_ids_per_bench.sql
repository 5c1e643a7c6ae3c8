-- Ids of a bench are its own: primary and foreign keys are (bench, id). Written to be run again from the top, since a
-- server that is killed in the middle keeps what was done so far.
SELECT 1;
--> statement-breakpoint
ALTER TABLE `angler` DROP FOREIGN KEY IF EXISTS `angler_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `house` DROP FOREIGN KEY IF EXISTS `house_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `deck` DROP FOREIGN KEY IF EXISTS `deck_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `leader` DROP FOREIGN KEY IF EXISTS `leader_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `part` DROP FOREIGN KEY IF EXISTS `part_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `setup` DROP FOREIGN KEY IF EXISTS `setup_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `revision` DROP FOREIGN KEY IF EXISTS `revision_bench_id_bench_id_fk`, DROP FOREIGN KEY IF EXISTS `revision_setup_id_setup_id_fk`, DROP FOREIGN KEY IF EXISTS `revision_setup`, DROP FOREIGN KEY IF EXISTS `revision_author`;
--> statement-breakpoint
ALTER TABLE `revision_part` DROP FOREIGN KEY IF EXISTS `revision_part_revision_id_revision_id_fk`, DROP FOREIGN KEY IF EXISTS `revision_part_part_id_part_id_fk`, DROP FOREIGN KEY IF EXISTS `revision_part_revision`, DROP FOREIGN KEY IF EXISTS `revision_part_part`;
--> statement-breakpoint
ALTER TABLE `reading` DROP FOREIGN KEY IF EXISTS `reading_bench_id_bench_id_fk`, DROP FOREIGN KEY IF EXISTS `reading_part_id_part_id_fk`, DROP FOREIGN KEY IF EXISTS `reading_part`, DROP FOREIGN KEY IF EXISTS `reading_author`;
--> statement-breakpoint
ALTER TABLE `movement` DROP FOREIGN KEY IF EXISTS `movement_bench_id_bench_id_fk`, DROP FOREIGN KEY IF EXISTS `movement_part_id_part_id_fk`, DROP FOREIGN KEY IF EXISTS `movement_part`, DROP FOREIGN KEY IF EXISTS `movement_author`;
--> statement-breakpoint
DROP INDEX IF EXISTS `deck_by_bench` ON `deck`;
--> statement-breakpoint
DROP INDEX IF EXISTS `leader_by_bench` ON `leader`;
--> statement-breakpoint
DROP INDEX IF EXISTS `part_by_bench` ON `part`;
--> statement-breakpoint
DROP INDEX IF EXISTS `setup_by_bench` ON `setup`;
--> statement-breakpoint
DROP INDEX IF EXISTS `revision_part_by_part` ON `revision_part`;
--> statement-breakpoint
DROP INDEX IF EXISTS `revision_number` ON `revision`;
--> statement-breakpoint
DROP INDEX IF EXISTS `angler_bench_id_bench_id_fk` ON `angler`;
--> statement-breakpoint
DROP INDEX IF EXISTS `house_bench_id_bench_id_fk` ON `house`;
--> statement-breakpoint
DROP INDEX IF EXISTS `deck_bench_id_bench_id_fk` ON `deck`;
--> statement-breakpoint
DROP INDEX IF EXISTS `leader_bench_id_bench_id_fk` ON `leader`;
--> statement-breakpoint
DROP INDEX IF EXISTS `part_bench_id_bench_id_fk` ON `part`;
--> statement-breakpoint
DROP INDEX IF EXISTS `setup_bench_id_bench_id_fk` ON `setup`;
--> statement-breakpoint
DROP INDEX IF EXISTS `revision_bench_id_bench_id_fk` ON `revision`;
--> statement-breakpoint
DROP INDEX IF EXISTS `revision_setup_id_setup_id_fk` ON `revision`;
--> statement-breakpoint
DROP INDEX IF EXISTS `revision_part_revision_id_revision_id_fk` ON `revision_part`;
--> statement-breakpoint
DROP INDEX IF EXISTS `revision_part_part_id_part_id_fk` ON `revision_part`;
--> statement-breakpoint
DROP INDEX IF EXISTS `reading_bench_id_bench_id_fk` ON `reading`;
--> statement-breakpoint
DROP INDEX IF EXISTS `reading_part_id_part_id_fk` ON `reading`;
--> statement-breakpoint
DROP INDEX IF EXISTS `movement_bench_id_bench_id_fk` ON `movement`;
--> statement-breakpoint
DROP INDEX IF EXISTS `movement_part_id_part_id_fk` ON `movement`;
--> statement-breakpoint
ALTER TABLE `bench` MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;
--> statement-breakpoint
ALTER TABLE `house` MODIFY COLUMN `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL;
--> statement-breakpoint
ALTER TABLE `angler` MODIFY COLUMN `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	ADD COLUMN IF NOT EXISTS `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT 'angler-1' AFTER `bench_id`,
	ADD COLUMN IF NOT EXISTS `name` varchar(60) NOT NULL DEFAULT '' AFTER `id`,
	ADD COLUMN IF NOT EXISTS `usual` int DEFAULT 1 AFTER `name`,
	ADD COLUMN IF NOT EXISTS `version` int NOT NULL DEFAULT 1,
	DROP PRIMARY KEY, ADD PRIMARY KEY (`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `angler` ALTER COLUMN `id` DROP DEFAULT, ALTER COLUMN `name` DROP DEFAULT, ALTER COLUMN `usual` SET DEFAULT NULL, ALTER COLUMN `version` DROP DEFAULT;
--> statement-breakpoint
ALTER TABLE `part` MODIFY COLUMN `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL FIRST, MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL AFTER `bench_id`, DROP PRIMARY KEY, ADD PRIMARY KEY (`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `setup` MODIFY COLUMN `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL FIRST, MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL AFTER `bench_id`, DROP PRIMARY KEY, ADD PRIMARY KEY (`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `deck` MODIFY COLUMN `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL FIRST, MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL AFTER `bench_id`, DROP PRIMARY KEY, ADD PRIMARY KEY (`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `leader` MODIFY COLUMN `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL FIRST, MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL AFTER `bench_id`, DROP PRIMARY KEY, ADD PRIMARY KEY (`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `revision` MODIFY COLUMN `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL FIRST, MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL AFTER `bench_id`, MODIFY COLUMN `setup_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	ADD COLUMN IF NOT EXISTS `author_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin, DROP PRIMARY KEY, ADD PRIMARY KEY (`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `reading` MODIFY COLUMN `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL FIRST, MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL AFTER `bench_id`, MODIFY COLUMN `part_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	ADD COLUMN IF NOT EXISTS `raw` json, ADD COLUMN IF NOT EXISTS `author_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin, DROP PRIMARY KEY, ADD PRIMARY KEY (`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `movement` MODIFY COLUMN `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL FIRST, MODIFY COLUMN `id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL AFTER `bench_id`, MODIFY COLUMN `part_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	ADD COLUMN IF NOT EXISTS `author_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin, DROP PRIMARY KEY, ADD PRIMARY KEY (`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `revision_part` MODIFY COLUMN `revision_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL, MODIFY COLUMN `part_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL, ADD COLUMN IF NOT EXISTS `bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL DEFAULT '' FIRST;
--> statement-breakpoint
UPDATE `revision_part` JOIN `revision` ON `revision`.`id` = `revision_part`.`revision_id` SET `revision_part`.`bench_id` = `revision`.`bench_id` WHERE `revision_part`.`bench_id` = '';
--> statement-breakpoint
ALTER TABLE `revision_part` ALTER COLUMN `bench_id` DROP DEFAULT, DROP PRIMARY KEY, ADD PRIMARY KEY (`bench_id`,`revision_id`,`part_id`);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `craft` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`position` int NOT NULL,
	`document` json NOT NULL,
	`version` int NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	CONSTRAINT `craft_bench_id_id_pk` PRIMARY KEY(`bench_id`,`id`),
	CONSTRAINT `craft_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE cascade,
	CONSTRAINT `craft_position` CHECK(`position` >= 0),
	CONSTRAINT `craft_version` CHECK(`version` >= 0)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `house_document` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`name` varchar(32) NOT NULL,
	`document` json NOT NULL,
	`version` int NOT NULL,
	`updated_at` datetime(3) NOT NULL,
	CONSTRAINT `house_document_bench_id_name_pk` PRIMARY KEY(`bench_id`,`name`),
	CONSTRAINT `house_document_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE cascade,
	CONSTRAINT `house_document_version` CHECK(`version` >= 0)
);
--> statement-breakpoint
CREATE TABLE IF NOT EXISTS `request` (
	`bench_id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`id` varchar(64) CHARACTER SET utf8mb4 COLLATE utf8mb4_bin NOT NULL,
	`action` varchar(40) NOT NULL,
	`input_hash` char(64) NOT NULL,
	`answer` json,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `request_bench_id_id_pk` PRIMARY KEY(`bench_id`,`id`),
	CONSTRAINT `request_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE cascade,
	INDEX `request_by_time` (`at`)
);
--> statement-breakpoint
INSERT IGNORE INTO `house_document` (`bench_id`,`name`,`document`,`version`,`updated_at`)
	SELECT `bench_id`, 'schools', JSON_OBJECT('version', 1, 'data', JSON_EXTRACT(`document`, '$.data.schools')), 1, `updated_at` FROM `house` WHERE JSON_EXTRACT(`document`, '$.data.schools') IS NOT NULL;
--> statement-breakpoint
INSERT IGNORE INTO `house_document` (`bench_id`,`name`,`document`,`version`,`updated_at`)
	SELECT `bench_id`, 'sheet', JSON_OBJECT('version', 1, 'data', JSON_EXTRACT(`document`, '$.data.sheet')), 1, `updated_at` FROM `house` WHERE JSON_EXTRACT(`document`, '$.data.sheet') IS NOT NULL;
--> statement-breakpoint
INSERT IGNORE INTO `house_document` (`bench_id`,`name`,`document`,`version`,`updated_at`)
	SELECT `bench_id`, 'classes', JSON_OBJECT('version', 1, 'data', JSON_EXTRACT(`document`, '$.data.classes')), 1, `updated_at` FROM `house` WHERE JSON_EXTRACT(`document`, '$.data.classes') IS NOT NULL;
--> statement-breakpoint
INSERT IGNORE INTO `house_document` (`bench_id`,`name`,`document`,`version`,`updated_at`)
	SELECT `bench_id`, 'rigWords', JSON_OBJECT('version', 1, 'data', JSON_EXTRACT(`document`, '$.data.rigWords')), 1, `updated_at` FROM `house` WHERE JSON_EXTRACT(`document`, '$.data.rigWords') IS NOT NULL;
--> statement-breakpoint
INSERT IGNORE INTO `craft` (`bench_id`,`id`,`position`,`document`,`version`,`updated_at`)
	SELECT `house`.`bench_id`, `c`.`id`, `c`.`position` - 1, JSON_OBJECT('version', 1, 'data', JSON_EXTRACT(`house`.`document`, CONCAT('$.data.crafts[', `c`.`position` - 1, ']'))), 1, `house`.`updated_at`
	FROM `house`, JSON_TABLE(`house`.`document`, '$.data.crafts[*]' COLUMNS (`position` FOR ORDINALITY, `id` varchar(64) PATH '$.id')) AS `c` WHERE `c`.`id` IS NOT NULL;
--> statement-breakpoint
ALTER TABLE `deck` DROP CONSTRAINT IF EXISTS `deck_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `deck` ADD CONSTRAINT `deck_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`);
--> statement-breakpoint
ALTER TABLE `leader` DROP CONSTRAINT IF EXISTS `leader_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `leader` ADD CONSTRAINT `leader_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`);
--> statement-breakpoint
ALTER TABLE `part` DROP CONSTRAINT IF EXISTS `part_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `part` ADD CONSTRAINT `part_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`);
--> statement-breakpoint
ALTER TABLE `setup` DROP CONSTRAINT IF EXISTS `setup_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `setup` ADD CONSTRAINT `setup_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`);
--> statement-breakpoint
ALTER TABLE `revision` DROP CONSTRAINT IF EXISTS `revision_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `revision` ADD CONSTRAINT `revision_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`);
--> statement-breakpoint
ALTER TABLE `reading` DROP CONSTRAINT IF EXISTS `reading_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `reading` ADD CONSTRAINT `reading_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`);
--> statement-breakpoint
ALTER TABLE `movement` DROP CONSTRAINT IF EXISTS `movement_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `movement` ADD CONSTRAINT `movement_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`);
--> statement-breakpoint
ALTER TABLE `angler` DROP CONSTRAINT IF EXISTS `angler_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `angler` ADD CONSTRAINT `angler_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE cascade;
--> statement-breakpoint
ALTER TABLE `house` DROP CONSTRAINT IF EXISTS `house_bench_id_bench_id_fk`;
--> statement-breakpoint
ALTER TABLE `house` ADD CONSTRAINT `house_bench_id_bench_id_fk` FOREIGN KEY (`bench_id`) REFERENCES `bench`(`id`) ON DELETE cascade;
--> statement-breakpoint
ALTER TABLE `movement` DROP CONSTRAINT IF EXISTS `movement_part`;
--> statement-breakpoint
ALTER TABLE `movement` ADD CONSTRAINT `movement_part` FOREIGN KEY (`bench_id`,`part_id`) REFERENCES `part`(`bench_id`,`id`) ON DELETE cascade;
--> statement-breakpoint
ALTER TABLE `movement` DROP CONSTRAINT IF EXISTS `movement_author`;
--> statement-breakpoint
ALTER TABLE `movement` ADD CONSTRAINT `movement_author` FOREIGN KEY (`bench_id`,`author_id`) REFERENCES `angler`(`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `reading` DROP CONSTRAINT IF EXISTS `reading_part`;
--> statement-breakpoint
ALTER TABLE `reading` ADD CONSTRAINT `reading_part` FOREIGN KEY (`bench_id`,`part_id`) REFERENCES `part`(`bench_id`,`id`) ON DELETE cascade;
--> statement-breakpoint
ALTER TABLE `reading` DROP CONSTRAINT IF EXISTS `reading_author`;
--> statement-breakpoint
ALTER TABLE `reading` ADD CONSTRAINT `reading_author` FOREIGN KEY (`bench_id`,`author_id`) REFERENCES `angler`(`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `revision` DROP CONSTRAINT IF EXISTS `revision_setup`;
--> statement-breakpoint
ALTER TABLE `revision` ADD CONSTRAINT `revision_setup` FOREIGN KEY (`bench_id`,`setup_id`) REFERENCES `setup`(`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `revision` DROP CONSTRAINT IF EXISTS `revision_author`;
--> statement-breakpoint
ALTER TABLE `revision` ADD CONSTRAINT `revision_author` FOREIGN KEY (`bench_id`,`author_id`) REFERENCES `angler`(`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `revision_part` DROP CONSTRAINT IF EXISTS `revision_part_revision`;
--> statement-breakpoint
ALTER TABLE `revision_part` ADD CONSTRAINT `revision_part_revision` FOREIGN KEY (`bench_id`,`revision_id`) REFERENCES `revision`(`bench_id`,`id`);
--> statement-breakpoint
ALTER TABLE `revision_part` DROP CONSTRAINT IF EXISTS `revision_part_part`;
--> statement-breakpoint
ALTER TABLE `revision_part` ADD CONSTRAINT `revision_part_part` FOREIGN KEY (`bench_id`,`part_id`) REFERENCES `part`(`bench_id`,`id`);
--> statement-breakpoint
CREATE OR REPLACE UNIQUE INDEX `angler_usual` ON `angler` (`bench_id`,`usual`);
--> statement-breakpoint
CREATE OR REPLACE UNIQUE INDEX `revision_number` ON `revision` (`bench_id`,`setup_id`,`number`);
--> statement-breakpoint
CREATE OR REPLACE INDEX `part_by_kind` ON `part` (`bench_id`,`kind`);
--> statement-breakpoint
CREATE OR REPLACE INDEX `revision_part_by_part` ON `revision_part` (`bench_id`,`part_id`);
--> statement-breakpoint
CREATE OR REPLACE INDEX `reading_by_part` ON `reading` (`bench_id`,`part_id`);
--> statement-breakpoint
CREATE OR REPLACE INDEX `movement_by_part` ON `movement` (`bench_id`,`part_id`);
--> statement-breakpoint
ALTER TABLE `angler` DROP CONSTRAINT IF EXISTS `angler_usual_is_one`;
--> statement-breakpoint
ALTER TABLE `angler` ADD CONSTRAINT `angler_usual_is_one` CHECK (`usual` = 1);
--> statement-breakpoint
ALTER TABLE `angler` DROP CONSTRAINT IF EXISTS `angler_version`;
--> statement-breakpoint
ALTER TABLE `angler` ADD CONSTRAINT `angler_version` CHECK (`version` >= 0);
--> statement-breakpoint
ALTER TABLE `deck` DROP CONSTRAINT IF EXISTS `deck_version`;
--> statement-breakpoint
ALTER TABLE `deck` ADD CONSTRAINT `deck_version` CHECK (`version` >= 0);
--> statement-breakpoint
ALTER TABLE `part` DROP CONSTRAINT IF EXISTS `part_version`;
--> statement-breakpoint
ALTER TABLE `part` ADD CONSTRAINT `part_version` CHECK (`version` >= 1);
--> statement-breakpoint
ALTER TABLE `revision` DROP CONSTRAINT IF EXISTS `revision_number_from_one`;
--> statement-breakpoint
ALTER TABLE `revision` ADD CONSTRAINT `revision_number_from_one` CHECK (`number` >= 1);
--> statement-breakpoint
ALTER TABLE `setup` DROP CONSTRAINT IF EXISTS `setup_version`;
--> statement-breakpoint
ALTER TABLE `setup` ADD CONSTRAINT `setup_version` CHECK (`version` >= 0);
