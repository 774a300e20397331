CREATE TABLE "feeds" (
	"garden_id" text PRIMARY KEY NOT NULL,
	"secret" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "feeds_secret_unique" UNIQUE("secret")
);
--> statement-breakpoint
ALTER TABLE "feeds" ADD CONSTRAINT "feeds_garden_id_gardens_id_fk" FOREIGN KEY ("garden_id") REFERENCES "public"."gardens"("id") ON DELETE cascade ON UPDATE no action;