CREATE TABLE "cuts" (
	"id" text PRIMARY KEY NOT NULL,
	"rig_id" text NOT NULL,
	"foam_stock_id" text,
	"spool_id" text,
	"rig" jsonb NOT NULL,
	"cut" jsonb NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "foam_stock" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"kind" text NOT NULL,
	"density_kg_m3" double precision NOT NULL,
	"origin" text DEFAULT 'assumed' NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "rigs" (
	"id" text PRIMARY KEY NOT NULL,
	"revision" integer DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"doc" jsonb NOT NULL,
	"frame_kind" text NOT NULL,
	"foam_kind" text NOT NULL,
	"width_mm" double precision NOT NULL,
	"foam_stock_id" text,
	"spool_id" text,
	"supply_id" text,
	"demo" boolean DEFAULT false NOT NULL,
	"touched" boolean DEFAULT false NOT NULL,
	"archived_at" timestamp with time zone,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	"updated_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "spools" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"alloy" text NOT NULL,
	"diameter_mm" double precision NOT NULL,
	"strands" integer DEFAULT 1 NOT NULL,
	"metres" double precision,
	"note" text DEFAULT '' NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "supplies" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"supply" jsonb NOT NULL,
	"control" text DEFAULT 'none' NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "cuts" ADD CONSTRAINT "cuts_rig_id_rigs_id_fk" FOREIGN KEY ("rig_id") REFERENCES "public"."rigs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rigs" ADD CONSTRAINT "rigs_foam_stock_id_foam_stock_id_fk" FOREIGN KEY ("foam_stock_id") REFERENCES "public"."foam_stock"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rigs" ADD CONSTRAINT "rigs_spool_id_spools_id_fk" FOREIGN KEY ("spool_id") REFERENCES "public"."spools"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "rigs" ADD CONSTRAINT "rigs_supply_id_supplies_id_fk" FOREIGN KEY ("supply_id") REFERENCES "public"."supplies"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "cuts_rig" ON "cuts" USING btree ("rig_id");--> statement-breakpoint
CREATE INDEX "cuts_pair" ON "cuts" USING btree ("foam_stock_id","spool_id");--> statement-breakpoint
CREATE INDEX "rigs_updated" ON "rigs" USING btree ("updated_at");