CREATE TABLE `days` (
	`date` char(10) NOT NULL,
	`day` json NOT NULL,
	`version` int NOT NULL,
	CONSTRAINT `days_date` PRIMARY KEY(`date`)
);
