CREATE TABLE "devices" (
	"id" text PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"right" text NOT NULL,
	"secret_hash" text NOT NULL,
	"used_at" timestamp with time zone DEFAULT now() NOT NULL,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "devices_secret_hash_unique" UNIQUE("secret_hash")
);
--> statement-breakpoint
CREATE TABLE "picture_bytes" (
	"id" text PRIMARY KEY NOT NULL,
	"bytes" "bytea" NOT NULL,
	"gone_at" timestamp with time zone,
	"created_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
-- What is told of a change, once it is committed: alike on the embedded database and on a server.
CREATE FUNCTION tell_rig() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('upwind_changes', json_build_object('rig', coalesce(NEW.id, OLD.id), 'part', 'rig', 'revision', NEW.revision)::text);
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE FUNCTION tell_of_rig() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('upwind_changes', json_build_object('rig', coalesce(NEW.rig_id, OLD.rig_id), 'part', TG_TABLE_NAME)::text);
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE FUNCTION tell_list() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
  PERFORM pg_notify('upwind_changes', json_build_object('part', TG_ARGV[0])::text);
  RETURN NULL;
END $$;
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON rigs FOR EACH ROW EXECUTE FUNCTION tell_rig();
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON cuts FOR EACH ROW EXECUTE FUNCTION tell_of_rig();
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON pulls FOR EACH ROW EXECUTE FUNCTION tell_of_rig();
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON events FOR EACH ROW EXECUTE FUNCTION tell_of_rig();
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON plans FOR EACH ROW EXECUTE FUNCTION tell_of_rig();
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON jobs FOR EACH ROW EXECUTE FUNCTION tell_of_rig();
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON photos FOR EACH ROW EXECUTE FUNCTION tell_of_rig();
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON foam_stock FOR EACH STATEMENT EXECUTE FUNCTION tell_list('drawer');
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON spools FOR EACH STATEMENT EXECUTE FUNCTION tell_list('drawer');
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON supplies FOR EACH STATEMENT EXECUTE FUNCTION tell_list('drawer');
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON controls FOR EACH STATEMENT EXECUTE FUNCTION tell_list('drawer');
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON lead_pairs FOR EACH STATEMENT EXECUTE FUNCTION tell_list('drawer');
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON machines FOR EACH STATEMENT EXECUTE FUNCTION tell_list('machines');
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OR DELETE ON log_views FOR EACH STATEMENT EXECUTE FUNCTION tell_list('views');
--> statement-breakpoint
CREATE TRIGGER tell AFTER INSERT OR UPDATE OF name, "right" OR DELETE ON devices FOR EACH STATEMENT EXECUTE FUNCTION tell_list('devices');
