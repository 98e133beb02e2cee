<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** The places of the two partners of a couple are called first and second; what a file calls them is known to the file's mapping alone. */
return new class extends Migration
{
    private const CALLED = ['HUSB' => 'first', 'WIFE' => 'second'];

    public function up(): void
    {
        $this->rename(self::CALLED, 6);
    }

    public function down(): void
    {
        $this->rename(array_flip(self::CALLED), 4);
    }

    /** @param  array<string, string>  $names */
    private function rename(array $names, int $length): void
    {
        DB::statement('ALTER TABLE union_partners DROP CONSTRAINT union_partners_slot');
        DB::statement('DROP VIEW counted_partners');
        DB::statement('ALTER TABLE union_partners ALTER COLUMN slot TYPE varchar(6)');
        foreach ($names as $from => $to) {
            DB::statement('UPDATE union_partners SET slot = ? WHERE slot = ?', [$to, $from]);
            DB::statement(
                "UPDATE journal SET before = jsonb_set(before::jsonb, '{slot}', to_jsonb(?::text)) WHERE table_name = 'union_partners'
                    AND before->>'slot' = ?", [$to, $from]);
        }
        DB::statement("ALTER TABLE union_partners ALTER COLUMN slot TYPE varchar({$length})");
        DB::statement("ALTER TABLE union_partners ADD CONSTRAINT union_partners_slot CHECK (slot IN ('".implode("', '", $names)."'))");
        DB::statement(
            "CREATE VIEW counted_partners AS SELECT tree_id, id, union_id, person_id, slot, position, side, standing FROM union_partners
                WHERE standing <> 'ruled out'");
    }
};
