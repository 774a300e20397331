ALTER TABLE "gardens" ADD COLUMN "outline" jsonb;--> statement-breakpoint
CREATE INDEX "gardens_by_saved" ON "gardens" USING btree ("saved_at" DESC NULLS LAST,"id") WHERE binned_at is null;--> statement-breakpoint
CREATE INDEX "gardens_by_name" ON "gardens" USING btree (lower(name),"id") WHERE binned_at is null;--> statement-breakpoint
CREATE INDEX "gardens_by_made" ON "gardens" USING btree ("created_at","id") WHERE binned_at is null;--> statement-breakpoint
CREATE INDEX "gardens_binned" ON "gardens" USING btree ("binned_at") WHERE binned_at is not null;--> statement-breakpoint
-- Plans and outlines lie apart from what lists read, also where they are small.
ALTER TABLE "gardens" SET (toast_tuple_target = 256);--> statement-breakpoint
-- Words are found anywhere in names and notes at once where the extension is at hand; without it all rows are read.
DO $$ BEGIN
	CREATE EXTENSION IF NOT EXISTS pg_trgm;
	CREATE INDEX "gardens_by_words" ON "gardens" USING gin ("name" gin_trgm_ops, "note" gin_trgm_ops) WHERE binned_at is null;
EXCEPTION WHEN others THEN
	RAISE NOTICE 'Without pg_trgm gardens are sought by reading all of them (%).', SQLERRM;
END $$;
