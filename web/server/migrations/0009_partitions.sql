-- Gardens, their versions and their records in parts by a hash of the garden, so that a table that has grown large can be
-- spread over disks or machines part by part; a garden's rows lie in parts of one number.
ALTER TABLE "revisions" DROP CONSTRAINT "revisions_garden_id_gardens_id_fk";--> statement-breakpoint
ALTER TABLE "record" DROP CONSTRAINT "record_garden_id_gardens_id_fk";--> statement-breakpoint
ALTER TABLE "gardens" RENAME TO "gardens_whole";--> statement-breakpoint
ALTER TABLE "revisions" RENAME TO "revisions_whole";--> statement-breakpoint
ALTER TABLE "record" RENAME TO "record_whole";--> statement-breakpoint
CREATE TABLE "gardens" (LIKE "gardens_whole" INCLUDING DEFAULTS) PARTITION BY HASH ("id");--> statement-breakpoint
CREATE TABLE "revisions" (LIKE "revisions_whole" INCLUDING DEFAULTS) PARTITION BY HASH ("garden_id");--> statement-breakpoint
CREATE TABLE "record" (LIKE "record_whole" INCLUDING DEFAULTS) PARTITION BY HASH ("garden_id");--> statement-breakpoint
DO $$ BEGIN
	FOR part IN 0..7 LOOP
		EXECUTE format('CREATE TABLE "gardens_%1$s" PARTITION OF "gardens" FOR VALUES WITH (MODULUS 8, REMAINDER %1$s) WITH (toast_tuple_target = 256)', part);
		EXECUTE format('CREATE TABLE "revisions_%1$s" PARTITION OF "revisions" FOR VALUES WITH (MODULUS 8, REMAINDER %1$s)', part);
		EXECUTE format('CREATE TABLE "record_%1$s" PARTITION OF "record" FOR VALUES WITH (MODULUS 8, REMAINDER %1$s)', part);
	END LOOP;
END $$;--> statement-breakpoint
INSERT INTO "gardens" SELECT * FROM "gardens_whole";--> statement-breakpoint
INSERT INTO "revisions" SELECT * FROM "revisions_whole";--> statement-breakpoint
INSERT INTO "record" SELECT * FROM "record_whole";--> statement-breakpoint
DROP TABLE "record_whole", "revisions_whole", "gardens_whole";--> statement-breakpoint
ALTER TABLE "gardens" ADD PRIMARY KEY ("id");--> statement-breakpoint
ALTER TABLE "revisions" ADD CONSTRAINT "revisions_garden_id_revision_pk" PRIMARY KEY ("garden_id","revision");--> statement-breakpoint
ALTER TABLE "record" ADD CONSTRAINT "record_garden_id_about_what_field_pk" PRIMARY KEY ("garden_id","about","what","field");--> statement-breakpoint
ALTER TABLE "revisions" ADD CONSTRAINT "revisions_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "gardens"("id") ON DELETE cascade;--> statement-breakpoint
ALTER TABLE "record" ADD CONSTRAINT "record_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "gardens"("id") ON DELETE cascade;--> statement-breakpoint
CREATE INDEX "gardens_by_saved" ON "gardens" USING btree ("saved_at" DESC NULLS LAST,"id") WHERE binned_at is null;--> statement-breakpoint
CREATE INDEX "gardens_by_name" ON "gardens" USING btree (lower(name),"id") WHERE binned_at is null;--> statement-breakpoint
CREATE INDEX "gardens_by_made" ON "gardens" USING btree ("created_at","id") WHERE binned_at is null;--> statement-breakpoint
CREATE INDEX "gardens_binned" ON "gardens" USING btree ("binned_at") WHERE binned_at is not null;--> statement-breakpoint
DO $$ BEGIN
	CREATE INDEX "gardens_by_words" ON "gardens" USING gin ("name" gin_trgm_ops, "note" gin_trgm_ops) WHERE binned_at is null;
EXCEPTION WHEN undefined_object THEN
	RAISE NOTICE 'Without pg_trgm gardens are sought by reading all of them.';
END $$;
