CREATE TABLE `kitchen_things` (
	`kind` varchar(20) NOT NULL,
	`id` varchar(80) NOT NULL,
	`facts` json NOT NULL,
	CONSTRAINT `kitchen_things_kind_id_pk` PRIMARY KEY(`kind`,`id`)
);
