<?php

declare(strict_types=1);

namespace App\Trees\Search;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Naming\NameVariants;

/** Names that stand for one another: the usual ones, and those that the current tree added. */
final readonly class OwnVariants
{
    public static function of(CurrentTree $tree): NameVariants
    {
        /** @var list<string> $own */
        $own = DB::table('name_variants')->where('tree_id', $tree->id())->orderBy('id')->pluck('words')->values()->all();

        return NameVariants::with($own);
    }
}
