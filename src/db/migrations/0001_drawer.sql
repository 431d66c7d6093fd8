CREATE TABLE "controls" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"control" jsonb NOT NULL,
	"have" boolean DEFAULT true NOT NULL,
	"price" double precision,
	"note" text DEFAULT '' NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "lead_pairs" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"area_mm2" double precision NOT NULL,
	"length_mm" double precision NOT NULL,
	"contact_ohm" double precision DEFAULT 0.01 NOT NULL,
	"note" text DEFAULT '' NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "spools" ADD COLUMN "ohm_per_m" double precision;--> statement-breakpoint
ALTER TABLE "spools" ADD COLUMN "price_per_m" double precision;--> statement-breakpoint
ALTER TABLE "supplies" ADD COLUMN "have" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "supplies" ADD COLUMN "price" double precision;