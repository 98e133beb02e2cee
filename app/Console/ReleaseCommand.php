<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Tree;
use App\Trees\Changes\DerivedTables;
use App\Trees\Derived\RecalculationQueue;
use App\Trees\Exchange\LostRuns;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

final class ReleaseCommand extends Command
{
    protected $signature = 'bough:release';

    protected $description = 'Frees trees from work whose worker is gone, and works out what a migration emptied; for use while no '
        .'worker runs';

    public function handle(CurrentTree $current, DerivedTables $derived, RecalculationQueue $due): int
    {
        LostRuns::releaseAll();
        $stale = DB::table('trees')->whereIn('id', DB::table('people')->distinct()->select('tree_id'))
            ->whereNotIn('id', DB::table('person_lines')->distinct()->select('tree_id'))->pluck('id');
        foreach ($stale as $id) {
            $current->enter(Tree::withTrashed()->where('id', $id)->firstOrFail());
            $derived->rebuildAtOnce();
        }
        foreach (DB::table('trees')->whereIn('id', DB::table('people')->distinct()->select('tree_id'))
            ->whereNotIn('id', DB::table('life_windows')->distinct()->select('tree_id'))->pluck('id') as $id) {
            $current->enter(Tree::withTrashed()->where('id', $id)->firstOrFail());
            $due->noteAll();
        }

        return self::SUCCESS;
    }
}
