CREATE TABLE "ticks" (
	"garden_id" text NOT NULL,
	"about" text NOT NULL,
	"what" text NOT NULL,
	"person" text NOT NULL,
	"done" boolean NOT NULL,
	"note" text NOT NULL,
	"paid_minor" integer,
	"at" timestamp (3) with time zone NOT NULL,
	CONSTRAINT "ticks_garden_id_about_what_person_pk" PRIMARY KEY("garden_id","about","what","person")
);
--> statement-breakpoint
ALTER TABLE "gardens" ADD COLUMN "binned_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "ticks" ADD CONSTRAINT "ticks_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;