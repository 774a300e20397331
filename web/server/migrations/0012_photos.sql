CREATE TABLE "photos" (
	"garden_id" text NOT NULL,
	"id" text NOT NULL,
	"structure" text NOT NULL,
	"part" text NOT NULL,
	"taken_on" text NOT NULL,
	"note" text NOT NULL,
	"person" text NOT NULL,
	"width_px" integer NOT NULL,
	"height_px" integer NOT NULL,
	"picture" "bytea" NOT NULL,
	"small" "bytea" NOT NULL,
	"added_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed_at" timestamp with time zone,
	CONSTRAINT "photos_garden_id_id_pk" PRIMARY KEY("garden_id","id")
);
--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;