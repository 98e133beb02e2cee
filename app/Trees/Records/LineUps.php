<?php

declare(strict_types=1);

namespace App\Trees\Records;

use App\Trees\CurrentTree;
use App\Trees\DatabaseTree;
use App\Trees\OwnVariants;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Linkage\Candidates;
use NorthBough\Core\Linkage\HouseholdLineUp;
use NorthBough\Core\Linkage\LinedUp;
use NorthBough\Core\Linkage\LookFor;
use NorthBough\Core\Record\Roll;

/** Fetches who may be meant by the lines of a record, however large the tree is, and has them lined up. */
final readonly class LineUps
{
    /** How many are fetched for one line. */
    private const A_LINE = 30;

    /** How alike a surname must be spelt where nobody's sounds so; of 1. */
    private const ALIKE = 0.45;

    public function __construct(private CurrentTree $current, private DatabaseTree $tree)
    {
    }

    /**
     * @param  array<string, string>  $pinned  person by line, empty for nobody of the tree
     * @param  list<string>  $aside  lines that take no part
     */
    public function of(Roll $roll, array $pinned, array $aside): LinedUp
    {
        $variants = OwnVariants::of($this->current);
        $ids = array_values(array_filter($pinned));
        $seen = [];
        foreach ($roll->lines as $line) {
            $look = LookFor::of($roll, $line, $variants);
            $asked = serialize([$look->surnameSounds, $look->givenForms, $look->bornFrom, $look->bornTo]);
            if ($line->name === '' || in_array($line->id, $aside, true) || isset($seen[$asked])) {
                continue;
            }
            $seen[$asked] = true;
            array_push($ids, ...$this->alike($look));
        }

        return HouseholdLineUp::of($roll, Candidates::around($this->tree, array_values(array_unique($ids))), $variants, $pinned, $aside);
    }

    /** @return list<string> */
    private function alike(LookFor $look): array
    {
        $given = $this->born($look)->whereRaw("words @@ to_tsquery('simple', ?)", [self::beginning($look->givenForms)]);
        $found = $look->surnameSounds === [] ? [] : self::ids((clone $given)->whereRaw('sounds && ?::text[]', ['{'.implode(',', $look->surnameSounds).'}']));
        if (count($found) < self::A_LINE && $look->surnameSounds !== []) {
            array_push($found, ...self::ids($this->born($look)->whereRaw('sounds && ?::text[]', ['{'.implode(',', $look->surnameSounds).'}'])));
        }
        if ($found === [] && $look->surname !== '') {
            DB::statement('SET pg_trgm.word_similarity_threshold = '.self::ALIKE);
            $found = self::ids($this->born($look)->whereRaw('search %> ?', [$look->surname]));
        }

        return $found;
    }

    /** Who can have been born then; who has no birth is looked at too. */
    private function born(LookFor $look): Builder
    {
        return DB::table('person_lines')->where('tree_id', $this->current->id())
            ->where(static fn (Builder $either) => $either->whereNull('birth_day')->orWhereBetween('birth_day', [$look->bornFrom ?? -10_000_000, $look->bornTo ?? 10_000_000]));
    }

    /** @return list<string> */
    private static function ids(Builder $lines): array
    {
        return array_values($lines->limit(self::A_LINE)->pluck('person_id')->all());
    }

    /** @param  list<string>  $forms */
    private static function beginning(array $forms): string
    {
        $each = array_map(static fn (string $form): string => "'".str_replace("'", '', $form)."':*", array_filter($forms));

        return $each === [] ? "''" : implode(' | ', $each);
    }
}
