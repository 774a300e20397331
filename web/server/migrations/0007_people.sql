CREATE TABLE "people" (
	"id" text PRIMARY KEY NOT NULL,
	"passphrase" text NOT NULL,
	"key" text NOT NULL,
	"changed_at" timestamp with time zone DEFAULT now() NOT NULL
);
