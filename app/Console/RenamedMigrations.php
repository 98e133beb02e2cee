<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Events\CommandStarting;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Migrations that got another name: a database that ran one under the old name does not run it again. */
final class RenamedMigrations
{
    private const NEW_NAMES = [
        '2026_11_23_000004_the_whole_model' => '2026_11_23_000004_research_schema',
        '2026_11_23_000007_words_of_places' => '2026_11_23_000007_place_wordings',
        '2026_11_23_000008_naming_and_reading' => '2026_11_23_000008_name_and_date_display',
        '2026_11_27_000004_kin_in_the_bin' => '2026_11_27_000004_deleted_kin',
        '2026_11_27_000005_parents_in_the_bin' => '2026_11_27_000005_deleted_parents',
        '2026_11_27_000007_unasserted_deaths' => '2026_11_27_000008_unasserted_deaths',
    ];

    public function handle(CommandStarting $starting): void
    {
        if ($starting->command !== 'migrate' || ! Schema::hasTable('migrations')) {
            return;
        }
        foreach (self::NEW_NAMES as $old => $new) {
            DB::table('migrations')->where('migration', $old)->update(['migration' => $new]);
        }
    }
}
