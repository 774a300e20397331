CREATE TABLE "record" (
	"garden_id" text NOT NULL,
	"about" text NOT NULL,
	"what" text NOT NULL,
	"field" text NOT NULL,
	"value" jsonb,
	"stamp" text COLLATE "C" NOT NULL,
	"person" text NOT NULL,
	CONSTRAINT "record_garden_id_about_what_field_pk" PRIMARY KEY("garden_id","about","what","field")
);
--> statement-breakpoint
ALTER TABLE "record" ADD CONSTRAINT "record_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;
--> statement-breakpoint
INSERT INTO "record" ("garden_id", "about", "what", "field", "value", "stamp", "person")
SELECT "garden_id", "about", "what", said.field, said.value, lpad(floor(extract(epoch from "at") * 1000)::text, 15, '0') || '-00000-before', "person"
FROM (
	SELECT DISTINCT ON ("garden_id", "about", "what") * FROM "ticks" ORDER BY "garden_id", "about", "what", "at" DESC, "person"
) AS last
CROSS JOIN LATERAL (VALUES
	('done', to_jsonb("done")),
	('note', CASE WHEN "note" <> '' THEN to_jsonb("note") END),
	('paidMinor', to_jsonb("paid_minor"))
) AS said(field, value)
WHERE said.value IS NOT NULL;--> statement-breakpoint
DROP TABLE "ticks" CASCADE;
