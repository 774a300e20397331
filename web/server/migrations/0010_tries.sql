CREATE TABLE "tries" (
	"came_from" text NOT NULL,
	"at" timestamp with time zone NOT NULL
);
