<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Tree\TreesController;
use App\Trees\Exchange\LivingTold;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** Whom of the living a request asks for in full: everybody with `living=keep`, some of them with `keep` and their ids. */
final class LivingInFull
{
    /** What an address says of it besides options. */
    public const NAMES = ['living', 'keep'];

    public static function askedBy(Request $request): LivingTold
    {
        if ($request->string('living')->toString() === 'keep') {
            return LivingTold::everybody(TreesController::user($request));
        }
        $ids = array_values(array_filter(explode(',', $request->string('keep')->toString()), Str::isUuid(...)));

        return $ids === [] ? LivingTold::nobody() : LivingTold::only($ids, TreesController::user($request));
    }
}
