<?php

declare(strict_types=1);

namespace App\Trees\Loading;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/**
 * All people, or all couples, of the current tree by keyset, in the same order each time, so that whole-tree work never
 * holds all of them.
 */
final readonly class EveryRow
{
    private const FIRST = '00000000-0000-0000-0000-000000000000';

    public function __construct(private CurrentTree $current)
    {
    }

    /** @return iterable<non-empty-list<string>> ids of people */
    public function people(int $atOnce): iterable
    {
        return $this->inChunks('people', $atOnce);
    }

    /** @return iterable<non-empty-list<string>> ids of unions */
    public function couples(int $atOnce): iterable
    {
        return $this->inChunks('unions', $atOnce);
    }

    /** @return iterable<non-empty-list<string>> ids */
    private function inChunks(string $table, int $size): iterable
    {
        $last = self::FIRST;
        do {
            $ids = array_values(
                array_map(strval(...), DB::table($table)->where('tree_id', $this->current->id())->where('id', '>', $last)->orderBy('id')
                    ->limit($size)->pluck('id')->all()));
            if ($ids !== []) {
                yield $ids;
                $last = end($ids);
            }
        } while (count($ids) === $size);
    }
}
