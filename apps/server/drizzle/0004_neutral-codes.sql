UPDATE `judgements` SET `crust` = 'deep-brown' WHERE `crust` = 'deep brown';
--> statement-breakpoint
UPDATE `judgements` SET `again` = 'with-change' WHERE `again` = 'with a change';
--> statement-breakpoint
UPDATE `judgements` SET `again` = 'never' WHERE `again` = 'never again';
