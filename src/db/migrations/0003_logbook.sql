CREATE TABLE "events" (
	"id" text PRIMARY KEY NOT NULL,
	"rig_id" text NOT NULL,
	"kind" text NOT NULL,
	"event" jsonb NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "log_views" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"query" text NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "photos" (
	"id" text PRIMARY KEY NOT NULL,
	"rig_id" text NOT NULL,
	"cut_id" text,
	"name" text DEFAULT '' NOT NULL,
	"width" integer NOT NULL,
	"height" integer NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "foam_kind" text GENERATED ALWAYS AS (rig->'foam'->>'kind') STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "foam_kg_m3" double precision GENERATED ALWAYS AS ((rig->'foam'->>'densityKgM3')::double precision) STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "alloy" text GENERATED ALWAYS AS (rig->'wire'->>'alloy') STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "wire_mm" double precision GENERATED ALWAYS AS ((rig->'wire'->>'diameterMm')::double precision) STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "wire_length_mm" double precision GENERATED ALWAYS AS ((rig->'wire'->>'lengthMm')::double precision) STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "control" text GENERATED ALWAYS AS (rig->'control'->>'kind') STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "setting" double precision GENERATED ALWAYS AS ((cut->>'setting')::double precision) STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "width_mm" double precision GENERATED ALWAYS AS ((cut->>'widthMm')::double precision) STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "kerf_mm" double precision GENERATED ALWAYS AS ((cut->>'kerfMm')::double precision) STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "amps" double precision GENERATED ALWAYS AS ((cut->>'amps')::double precision) STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "feed_mm_s" double precision GENERATED ALWAYS AS (coalesce((cut->>'feedMmS')::double precision, (cut->>'depthMm')::double precision / nullif((cut->>'seconds')::double precision, 0))) STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "grade" text GENERATED ALWAYS AS (case when (cut->>'limit')::boolean then 'limit' else cut->>'grade' end) STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "seen" text GENERATED ALWAYS AS (cut->>'seen') STORED;--> statement-breakpoint
ALTER TABLE "cuts" ADD COLUMN "note" text GENERATED ALWAYS AS (coalesce(cut->>'note', '')) STORED;--> statement-breakpoint
ALTER TABLE "foam_stock" ADD COLUMN "piece" jsonb;--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_rig_id_rigs_id_fk" FOREIGN KEY ("rig_id") REFERENCES "public"."rigs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_rig_id_rigs_id_fk" FOREIGN KEY ("rig_id") REFERENCES "public"."rigs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "photos" ADD CONSTRAINT "photos_cut_id_cuts_id_fk" FOREIGN KEY ("cut_id") REFERENCES "public"."cuts"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "events_rig" ON "events" USING btree ("rig_id","at");--> statement-breakpoint
CREATE INDEX "photos_rig" ON "photos" USING btree ("rig_id");--> statement-breakpoint
CREATE INDEX "photos_cut" ON "photos" USING btree ("cut_id");--> statement-breakpoint
CREATE INDEX "cuts_at" ON "cuts" USING btree ("at","id");--> statement-breakpoint
CREATE INDEX "cuts_grade" ON "cuts" USING btree ("grade");--> statement-breakpoint
CREATE INDEX "cuts_foam" ON "cuts" USING btree ("foam_kind");