# frozen_string_literal: true

# The level that somebody follows was called a lane, which is a level's line on the clock;
# the targets that a log was measured by were called "given". The old columns stay for one
# version, and each write of one is a write of the other: the version before may go on
# serving while this one starts. The next version takes them away, with the triggers.
class NameFollowedLevels < ActiveRecord::Migration[7.2]
  RENAMED = {"people" => {"lane" => "level"}, "roster_entries" => {"lane" => "level"}, "ticks" => {"lane" => "level"},
             "attendances" => {"lane" => "level", "given" => "planned_targets"}}.freeze
  LEVELS = "level IN ('beginner', 'intermediate', 'advanced')"

  def up
    RENAMED.each_key { |table| add_column table, :level, :text }
    add_column :attendances, :planned_targets, :jsonb
    safety_assured do
      RENAMED.each do |table, columns|
        execute "UPDATE #{table} SET #{columns.map { |before, now| "#{now} = #{before}" }.join(", ")}"
        execute both_ways(table, columns)
      end
      %w[people roster_entries ticks].each { |table| add_check_constraint table, LEVELS, name: "#{table}_level" }
    end
  end

  def down
    safety_assured do
      RENAMED.each_key { |table| execute "DROP TRIGGER #{table}_renamed ON #{table}; DROP FUNCTION #{table}_renamed()" }
      RENAMED.each { |table, columns| columns.each_value { |now| remove_column table, now } }
    end
  end

  private

  def both_ways(table, columns)
    inserted = columns.map { |before, now| "IF NEW.#{now} IS NULL THEN NEW.#{now} := NEW.#{before}; ELSE NEW.#{before} := NEW.#{now}; END IF;" }
    updated = columns.map do |before, now|
      "IF NEW.#{now} IS DISTINCT FROM OLD.#{now} THEN NEW.#{before} := NEW.#{now}; " \
        "ELSIF NEW.#{before} IS DISTINCT FROM OLD.#{before} THEN NEW.#{now} := NEW.#{before}; END IF;"
    end
    <<~SQL
      CREATE FUNCTION #{table}_renamed() RETURNS trigger LANGUAGE plpgsql AS $$
      BEGIN
        IF TG_OP = 'INSERT' THEN
          #{inserted.join("\n    ")}
        ELSE
          #{updated.join("\n    ")}
        END IF;
        RETURN NEW;
      END $$;
      CREATE TRIGGER #{table}_renamed BEFORE INSERT OR UPDATE ON #{table} FOR EACH ROW EXECUTE FUNCTION #{table}_renamed();
    SQL
  end
end
