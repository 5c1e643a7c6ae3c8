CREATE TABLE IF NOT EXISTS `kept_evaluation` (
	`hash` char(64) NOT NULL,
	`marks` json NOT NULL,
	`at` datetime(3) NOT NULL,
	CONSTRAINT `kept_evaluation_hash` PRIMARY KEY(`hash`)
);
--> statement-breakpoint
CREATE INDEX IF NOT EXISTS `kept_evaluation_by_time` ON `kept_evaluation` (`at`);
