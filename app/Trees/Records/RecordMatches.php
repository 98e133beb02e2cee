<?php

declare(strict_types=1);

namespace App\Trees\Records;

use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use App\Trees\Search\OwnVariants;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Linkage\CandidateQuery;
use NorthBough\Core\Linkage\Candidates;
use NorthBough\Core\Linkage\HouseholdMatch;
use NorthBough\Core\Linkage\HouseholdMatcher;
use NorthBough\Core\Linkage\StatedCouples;
use NorthBough\Core\Record\Roll;

/** Fetches who may be meant by the lines of a record, however large the tree is, and has them lined up. */
final readonly class RecordMatches
{
    /** How many are fetched for one line. */
    private const A_LINE = 30;

    /** Where fewer sound so, those who are spelt so are looked at too. */
    private const FEW = 3;

    private const EVER = 10_000_000;

    /** How alike a surname must be spelt; of 1. */
    private const ALIKE = 0.45;

    public function __construct(private CurrentTree $current, private DatabaseTree $tree)
    {
    }

    /**
     * @param  array<string, string>  $pinned  person by line, empty for nobody of the tree
     * @param  list<string>  $aside  lines that take no part
     */
    public function of(Roll $roll, array $pinned, array $aside): HouseholdMatch
    {
        $variants = OwnVariants::of($this->current);
        $ids = array_values(array_filter($pinned));
        $seen = [];
        $looks = [];
        foreach ($roll->lines as $line) {
            $look = CandidateQuery::of($roll, $line, $variants);
            $asked = serialize([$look->surnameSounds, $look->givenForms, $look->bornFrom, $look->bornTo, $look->bornThen, $look->diedThen]);
            if ($line->name === '' || in_array($line->id, $aside, true)) {
                continue;
            }
            $looks[$line->id] = $look;
            if (! isset($seen[$asked])) {
                $seen[$asked] = true;
                array_push($ids, ...$this->alike($look));
            }
        }
        foreach (StatedCouples::couples($roll) as [$lineId, $partnerLineId]) {
            if (isset($looks[$lineId], $looks[$partnerLineId])) {
                array_push($ids, ...$this->couples($looks[$lineId], $looks[$partnerLineId]));
            }
        }

        return HouseholdMatcher::of($roll, Candidates::around($this->tree, array_values(array_unique($ids))), $variants, $pinned, $aside);
    }

    /** @return list<string> */
    private function alike(CandidateQuery $look): array
    {
        $sounds = '{'.implode(',', $look->surnameSounds).'}';
        $given = self::beginning($look->givenForms);
        $found = [];
        if ($look->surnameSounds !== []) {
            $found = $this->ids($this->born($look)->whereRaw("words @@ to_tsquery('simple', ?)", [$given])
                ->whereRaw('sounds && ?::text[]', [$sounds]), $look);
            array_push($found, ...$this->wives($look, $sounds, $given));
        }
        if (count($found) < self::FEW && $look->surname !== '') {
            DB::statement('SET pg_trgm.word_similarity_threshold = '.self::ALIKE);
            array_push($found,
                ...$this->ids($this->born($look)->whereRaw('search %> ?', [$look->surname])
                    ->whereRaw("words @@ to_tsquery('simple', ?)", [$given]), $look));
        }
        if (count($found) < self::A_LINE && $look->surnameSounds !== []) {
            array_push($found, ...$this->ids($this->born($look)->whereRaw('sounds && ?::text[]', [$sounds]), $look));
        }
        if ($found === [] && $look->surname !== '') {
            $found = $this->ids($this->born($look)->whereRaw('search %> ?', [$look->surname]), $look);
        }
        foreach (['birth_sort' => $look->bornThen, 'death_sort' => $look->diedThen] as $day => $then) {
            if ($then !== null) {
                array_push($found, ...array_values($this->lines()->whereBetween($day, [$then->earliest, $then->latest])
                    ->whereRaw("words @@ to_tsquery('simple', ?)", [$given])->orderBy($day)->limit(self::A_LINE)->pluck('person_id')
                    ->all()));
            }
        }

        return $found;
    }

    /**
     * Women of that given name whose partner's surname sounds so: a wife stands under it on most pages.
     *
     * @return list<string>
     */
    private function wives(CandidateQuery $look, string $sounds, string $given): array
    {
        return $look->isMan || $look->givenForms === [] ? []
            : $this->ids($this->born($look)->where('sex', '<>', 'M')->whereRaw("words @@ to_tsquery('simple', ?)", [$given])
                ->whereExists(static fn (Builder $query) => $query->selectRaw('1')->from('counted_partners AS wife')
                    ->join('counted_partners AS husband', static fn ($join) => $join->on('husband.tree_id', 'wife.tree_id')
                        ->on('husband.union_id', 'wife.union_id')->on('husband.person_id', '<>', 'wife.person_id'))
                    ->join('person_lines AS his', static fn ($join) => $join->on('his.tree_id', 'husband.tree_id')
                        ->on('his.person_id', 'husband.person_id'))
                    ->whereColumn('wife.tree_id', 'person_lines.tree_id')->whereColumn('wife.person_id', 'person_lines.person_id')
                    ->whereRaw('his.sounds && ?::text[]', [$sounds])), $look);
    }

    /**
     * Couples of the tree in which one may be meant by the one line and the other by the other: of many namesakes, the
     * few who were tied to one another.
     *
     * @return list<string>
     */
    private function couples(CandidateQuery $query, CandidateQuery $otherQuery): array
    {
        if ($query->givenForms === [] || $otherQuery->givenForms === []
            || [...$query->surnameSounds, ...$otherQuery->surnameSounds] === []) {
            return [];
        }
        $ids = DB::table('person_lines')->where('person_lines.tree_id', $this->current->id())
            ->whereRaw("person_lines.words @@ to_tsquery('simple', ?)", [self::beginning($query->givenForms)])
            ->whereRaw('person_lines.sounds && ?::text[]',
                ['{'.implode(',', [...$query->surnameSounds, ...$otherQuery->surnameSounds]).'}'])
            ->join('counted_partners AS one', static fn ($join) => $join->on('one.tree_id', 'person_lines.tree_id')
                ->on('one.person_id', 'person_lines.person_id'))
            ->join('counted_partners AS two', static fn ($join) => $join->on('two.tree_id', 'one.tree_id')
                ->on('two.union_id', 'one.union_id')->on('two.person_id', '<>', 'one.person_id'))
            ->join('person_lines AS partner', static fn ($join) => $join->on('partner.tree_id', 'two.tree_id')
                ->on('partner.person_id', 'two.person_id'))
            ->whereRaw("partner.words @@ to_tsquery('simple', ?)", [self::beginning($otherQuery->givenForms)])
            ->where(static fn (Builder $either) => $either->whereNull('person_lines.birth_day')
                ->orWhereBetween('person_lines.birth_day',
                    [$query->bornFrom ?? self::EVER * -1, $query->bornTo ?? self::EVER]))
            ->orderByRaw('abs(person_lines.birth_sort::bigint - ?), person_lines.person_id', [$query->bornAbout ?? 0])
            ->limit(self::A_LINE)->get(['one.person_id AS one', 'two.person_id AS two']);

        return array_values($ids->flatMap(static fn (\stdClass $row): array => [$row->one, $row->two])->unique()->all());
    }

    /** Who can have been born then; who has no birth is looked at too. */
    private function born(CandidateQuery $look): Builder
    {
        return $this->lines()
            ->where(static fn (Builder $either) => $either->whereNull('birth_day')
                ->orWhereBetween('birth_day', [$look->bornFrom ?? self::EVER * -1, $look->bornTo ?? self::EVER]));
    }

    private function lines(): Builder
    {
        return DB::table('person_lines')->where('person_lines.tree_id', $this->current->id());
    }

    /** @return list<string> the nearest in age first */
    private function ids(Builder $lines, CandidateQuery $look): array
    {
        $lines = $look->bornAbout === null ? $lines : $lines->orderByRaw('abs(birth_sort::bigint - ?)', [$look->bornAbout]);

        return array_values($lines->orderBy('person_id')->limit(self::A_LINE)->pluck('person_id')->all());
    }

    /** @param  list<string>  $forms */
    private static function beginning(array $forms): string
    {
        $each = array_map(static fn (string $form): string => "'".str_replace("'", '', $form)."':*", array_filter($forms));

        return $each === [] ? "''" : implode(' | ', $each);
    }
}
