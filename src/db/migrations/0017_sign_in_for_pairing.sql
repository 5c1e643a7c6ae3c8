DROP TABLE `device`;--> statement-breakpoint
DROP TABLE `pairing_code`;