CREATE TABLE "pulls" (
	"id" text PRIMARY KEY NOT NULL,
	"rig_id" text NOT NULL,
	"pull" jsonb NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"demo" boolean DEFAULT false NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
ALTER TABLE "pulls" ADD CONSTRAINT "pulls_rig_id_rigs_id_fk" FOREIGN KEY ("rig_id") REFERENCES "public"."rigs"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "pulls_rig" ON "pulls" USING btree ("rig_id");--> statement-breakpoint
UPDATE "rigs" SET "doc" = jsonb_set(jsonb_set("doc", '{tension,frameNPerMm}', '2'), '{from,tension.frameNPerMm}', '"assumed"') WHERE "doc"->'tension'->>'kind' = 'flex' AND "doc"->'tension'->'frameNPerMm' = 'null'::jsonb;
