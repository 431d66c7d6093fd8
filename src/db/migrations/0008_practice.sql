CREATE TABLE "practice_runs" (
	"id" text PRIMARY KEY NOT NULL,
	"rig_id" text,
	"rig_name" text NOT NULL,
	"frame" text NOT NULL,
	"drill" text NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"score" jsonb NOT NULL,
	"trace" jsonb,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "practice_runs" ADD CONSTRAINT "practice_runs_rig_id_rigs_id_fk" FOREIGN KEY ("rig_id") REFERENCES "public"."rigs"("id") ON DELETE set null ON UPDATE no action;