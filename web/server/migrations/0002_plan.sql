ALTER TABLE "gardens" ADD COLUMN "beds" integer;--> statement-breakpoint
ALTER TABLE "gardens" ADD COLUMN "structures" integer;--> statement-breakpoint
ALTER TABLE "gardens" ADD COLUMN "plan" jsonb;--> statement-breakpoint
-- Every save wrote the whole plan to "revisions" in the same transaction: the newest one is what the tables hold.
UPDATE "gardens" SET
	"plan" = "revisions"."plan",
	"beds" = jsonb_array_length("revisions"."plan"->'beds'),
	"structures" = jsonb_array_length("revisions"."plan"->'structures')
FROM "revisions" WHERE "revisions"."garden_id" = "gardens"."id" AND "revisions"."revision" = "gardens"."revision";
