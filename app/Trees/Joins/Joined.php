<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/** Whoever was joined to somebody answers to the old id and number all the same. */
final readonly class Joined
{
    /** Joins after joins; more than these are no forest. */
    private const DEPTH = 50;

    public function __construct(private CurrentTree $current)
    {
    }

    /** @return string the id of whoever somebody became, or their own */
    public function resolve(string $personId): string
    {
        for ($depth = 0; $depth < self::DEPTH; $depth++) {
            $kept = DB::table('joins')->where('tree_id', $this->current->id())->where('gone_id', $personId)->whereNull('apart_by')
                ->whereNotNull('kept_person_id')->orderByDesc('id')->value('kept_person_id');
            if ($kept === null) {
                break;
            }
            $personId = (string) $kept;
        }

        return $personId;
    }

    /** @return string the id of whoever a number became; empty where nobody who went had it */
    public function byNumber(int $number): string
    {
        $gone = DB::table('joins')->where('tree_id', $this->current->id())->where('gone_number', $number)->whereNull('apart_by')
            ->orderByDesc('id')->value('gone_id');

        return $gone === null ? '' : $this->resolve((string) $gone);
    }
}
