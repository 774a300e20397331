CREATE TABLE "beds" (
	"garden_id" text NOT NULL,
	"id" text NOT NULL,
	"place" integer NOT NULL,
	"name" text NOT NULL,
	"note" text NOT NULL,
	"length_mm" double precision NOT NULL,
	"width_mm" double precision NOT NULL,
	"height_mm" double precision NOT NULL,
	"x_mm" double precision DEFAULT 0 NOT NULL,
	"y_mm" double precision DEFAULT 0 NOT NULL,
	"turn_deg" double precision DEFAULT 0 NOT NULL,
	"grew_before" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"stand_from" text NOT NULL,
	"rise_mm" double precision NOT NULL,
	"soil" text NOT NULL,
	"wind" text NOT NULL,
	CONSTRAINT "beds_garden_id_id_pk" PRIMARY KEY("garden_id","id")
);
--> statement-breakpoint
CREATE TABLE "crops" (
	"garden_id" text NOT NULL,
	"id" text NOT NULL,
	"place" integer NOT NULL,
	"crop" jsonb NOT NULL,
	CONSTRAINT "crops_garden_id_id_pk" PRIMARY KEY("garden_id","id")
);
--> statement-breakpoint
CREATE TABLE "features" (
	"garden_id" text NOT NULL,
	"id" text NOT NULL,
	"place" integer NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"x_mm" double precision DEFAULT 0 NOT NULL,
	"y_mm" double precision DEFAULT 0 NOT NULL,
	"turn_deg" double precision DEFAULT 0 NOT NULL,
	"length_mm" double precision NOT NULL,
	"width_mm" double precision NOT NULL,
	"height_mm" double precision NOT NULL,
	"keep_clear_mm" double precision NOT NULL,
	CONSTRAINT "features_garden_id_id_pk" PRIMARY KEY("garden_id","id")
);
--> statement-breakpoint
CREATE TABLE "gardens" (
	"id" text PRIMARY KEY NOT NULL,
	"revision" integer NOT NULL,
	"name" text NOT NULL,
	"note" text NOT NULL,
	"units" text NOT NULL,
	"locale" text NOT NULL,
	"currency" text NOT NULL,
	"reach_mm" double precision NOT NULL,
	"site" jsonb NOT NULL,
	"tax_percent" double precision NOT NULL,
	"prices_include_tax" boolean NOT NULL,
	"spare_percent" double precision NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "milestones" (
	"name" text PRIMARY KEY NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "plantings" (
	"garden_id" text NOT NULL,
	"id" text NOT NULL,
	"place" integer NOT NULL,
	"bed" text NOT NULL,
	"crop" text NOT NULL,
	"training" text NOT NULL,
	"count" integer NOT NULL,
	CONSTRAINT "plantings_garden_id_id_pk" PRIMARY KEY("garden_id","id")
);
--> statement-breakpoint
CREATE TABLE "price_lines" (
	"garden_id" text NOT NULL,
	"stock" text NOT NULL,
	"size" double precision NOT NULL,
	"place" integer NOT NULL,
	"minor" bigint NOT NULL,
	CONSTRAINT "price_lines_garden_id_stock_size_pk" PRIMARY KEY("garden_id","stock","size")
);
--> statement-breakpoint
CREATE TABLE "revisions" (
	"garden_id" text NOT NULL,
	"revision" integer NOT NULL,
	"plan" jsonb NOT NULL,
	"saved_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "revisions_garden_id_revision_pk" PRIMARY KEY("garden_id","revision")
);
--> statement-breakpoint
CREATE TABLE "shed_pieces" (
	"garden_id" text NOT NULL,
	"place" integer NOT NULL,
	"stock" text NOT NULL,
	"size" double precision NOT NULL,
	"count" integer NOT NULL,
	"note" text NOT NULL,
	CONSTRAINT "shed_pieces_garden_id_place_pk" PRIMARY KEY("garden_id","place")
);
--> statement-breakpoint
CREATE TABLE "structures" (
	"garden_id" text NOT NULL,
	"id" text NOT NULL,
	"place" integer NOT NULL,
	"kind" text NOT NULL,
	"name" text NOT NULL,
	"bed" text NOT NULL,
	"plantings" jsonb NOT NULL,
	"knobs" jsonb NOT NULL,
	CONSTRAINT "structures_garden_id_id_pk" PRIMARY KEY("garden_id","id")
);
--> statement-breakpoint
ALTER TABLE "beds" ADD CONSTRAINT "beds_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "crops" ADD CONSTRAINT "crops_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "features" ADD CONSTRAINT "features_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "plantings" ADD CONSTRAINT "plantings_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "price_lines" ADD CONSTRAINT "price_lines_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "revisions" ADD CONSTRAINT "revisions_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "shed_pieces" ADD CONSTRAINT "shed_pieces_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "structures" ADD CONSTRAINT "structures_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;