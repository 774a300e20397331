ALTER TABLE "beds" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "crops" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "features" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "plantings" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "price_lines" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "shed_pieces" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
ALTER TABLE "structures" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
DROP TABLE "beds" CASCADE;--> statement-breakpoint
DROP TABLE "crops" CASCADE;--> statement-breakpoint
DROP TABLE "features" CASCADE;--> statement-breakpoint
DROP TABLE "plantings" CASCADE;--> statement-breakpoint
DROP TABLE "price_lines" CASCADE;--> statement-breakpoint
DROP TABLE "shed_pieces" CASCADE;--> statement-breakpoint
DROP TABLE "structures" CASCADE;--> statement-breakpoint
ALTER TABLE "gardens" ALTER COLUMN "beds" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "gardens" ALTER COLUMN "structures" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "gardens" ALTER COLUMN "plan" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "gardens" DROP COLUMN "units";--> statement-breakpoint
ALTER TABLE "gardens" DROP COLUMN "locale";--> statement-breakpoint
ALTER TABLE "gardens" DROP COLUMN "currency";--> statement-breakpoint
ALTER TABLE "gardens" DROP COLUMN "reach_mm";--> statement-breakpoint
ALTER TABLE "gardens" DROP COLUMN "saw";--> statement-breakpoint
ALTER TABLE "gardens" DROP COLUMN "site";--> statement-breakpoint
ALTER TABLE "gardens" DROP COLUMN "tax_percent";--> statement-breakpoint
ALTER TABLE "gardens" DROP COLUMN "prices_include_tax";--> statement-breakpoint
ALTER TABLE "gardens" DROP COLUMN "spare_percent";