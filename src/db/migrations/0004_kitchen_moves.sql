INSERT INTO `kitchen_things` SELECT 'room', `id`, JSON_OBJECT('name', `name`, 'altitudeM', `altitude_m`, 'barometerHPa', NULL, 'roomC', `room_c`, 'humidity', `humidity`) FROM `rooms`;
--> statement-breakpoint
INSERT INTO `kitchen_things` SELECT 'pot', `id`, JSON_OBJECT('name', `name`, 'litres', `litres`, 'diameterMm', `diameter_mm`, 'massKg', `mass_kg`, 'metal', `metal`) FROM `pots`;
--> statement-breakpoint
INSERT INTO `kitchen_things` SELECT 'burner', `id`, JSON_OBJECT('name', `name`, 'watts', `watts`, 'efficiency', `efficiency`, 'responseS', `response_s`, 'tests', JSON_ARRAY()) FROM `burners`;
--> statement-breakpoint
INSERT INTO `kitchen_things` SELECT 'vessel', `id`, `facts` FROM `vessels`;
