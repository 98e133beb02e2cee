<?php

declare(strict_types=1);

namespace App\Trees\Search;

use App\Trees\Access\LivingPeople;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Naming\SoundCode;
use stdClass;

/**
 * Finds people in the index: by number, by the beginnings of their names in any order, by a year beside a name; and
 * where nothing begins so, by other forms of the name, by sound, and by likeness, in that order.
 */
final readonly class PeopleSearch
{
    private const YEARS_AROUND = 2;

    private const ALIKE = 0.4;

    /** How many of a surname are looked through for the other words before everybody is. */
    private const LOOKED_THROUGH = 400;

    /** How many of what was found are sorted. */
    private const SORTED = 2000;

    /** Sorts after every letter, so that what begins with a word lies between it and the word with this. */
    private const AFTER_ALL = "\u{10FFFF}";

    public function __construct(private CurrentTree $current, private LivingPeople $living)
    {
    }

    public function lines(): Builder
    {
        return $this->living->visible(DB::table('person_lines')->where('person_lines.tree_id', $this->current->id()));
    }

    /** How many people whoever asks may see. */
    public function total(): int
    {
        return $this->current->seesLiving() ? (int) DB::table('trees')->where('id', $this->current->id())
            ->value('people_count') : $this->lines()->count();
    }

    /**
     * Those whose names begin so: what the index is narrowed by.
     *
     * @param  list<string>  $also  who is found besides, by what was typed
     */
    public function matching(string $typed, array $also = []): Builder
    {
        return $also === [] ? self::named($this->lines(), $typed)
            : $this->lines()->where(static fn (Builder $either) => self::named($either, $typed)->orWhereIn('person_lines.person_id',
                $also));
    }

    private static function named(Builder $lines, string $typed): Builder
    {
        if (preg_match('/^\s*#?(\d+)\s*$/', $typed, $m) === 1) {
            return $lines->where('number', (int) min((int) $m[1], 2147483647));
        }
        [$words, $year] = self::parts($typed);

        return self::around(self::beginning($lines, array_map(static fn (string $word): array => [$word], $words)), $year);
    }

    /**
     * @param  list<string>  $first  who comes before all others
     * @return list<IndexLine> the nearest first
     */
    public function nearest(string $typed, int $most, array $first = []): array
    {
        $rows = $first === [] ? collect() : $this->lines()->whereIn('person_id', $first)->get();

        return array_values(array_map(static fn (stdClass $row): IndexLine => IndexLine::read((array) $row),
            $rows->merge($this->nearestRows($typed, $most))->unique('person_id')->take($most)->all()));
    }

    /** @return Collection<int, stdClass> */
    private function nearestRows(string $typed, int $most): Collection
    {
        [$words, $year] = self::parts($typed);
        $filed = $year === null ? $this->filed($words, $most) : collect();
        if ($filed->count() === $most) {
            return $filed;
        }
        $found = $this->first($this->matching($typed), $most);
        if ($found->isNotEmpty() || ($words === [] && $year === null)) {
            return $found;
        }
        if ($words === []) {
            return $this->first(self::around($this->lines(), $year), $most);
        }
        $found = $this->first(self::around($this->byOtherForms($words), $year), $most);
        if ($found->isNotEmpty()) {
            return $found;
        }
        $filed = $year === null ? $this->filedBySound($words, $most) : collect();
        if ($filed->count() === $most) {
            return $filed;
        }
        $found = $this->first(self::around($this->bySound($words), $year), $most);

        return $found->isNotEmpty() ? $found : $this->nearestAlike(self::around($this->byLikeness($words), $year), $most);
    }

    /**
     * Those who are filed under the words, a surname before anything else: read off the index by name, so that the
     * commonest surname costs no more than the rarest. With several words, one of them begins the surname, and the
     * others are looked for among the first who bear it.
     *
     * @param  list<string>  $words
     * @return Collection<int, stdClass> fewer than asked for where the index by name does not tell enough
     */
    private function filed(array $words, int $most): Collection
    {
        $found = $words === [] ? collect() : $this->under(implode(' ', $words))->limit($most)->get();
        foreach (count($words) > 1 ? array_unique([end($words), $words[0]]) : [] as $surname) {
            if ($found->count() < $most) {
                $bearing = DB::query()->fromSub($this->under($surname)->limit(self::LOOKED_THROUGH), 'person_lines');
                $found = self::beginning($bearing, array_map(static fn (string $word): array => [$word], $words))
                    ->orderBy('sort_name')->orderBy('person_id')->limit($most)->get();
            }
        }

        return $found;
    }

    /**
     * The same by sound.
     *
     * @param  list<string>  $words
     * @return Collection<int, stdClass>
     */
    private function filedBySound(array $words, int $most): Collection
    {
        $codes = SoundCode::each(implode(' ', $words));
        $found = collect();
        foreach ($codes === [] ? [] : array_unique([end($codes), $codes[0]]) as $surname) {
            if ($found->count() < $most) {
                $bearing = $this->lines()->where('surname_sound', $surname)->orderBy('sort_name')->orderBy('person_id')
                    ->limit(self::LOOKED_THROUGH);
                $found = $this->sounding(DB::query()->fromSub($bearing, 'person_lines'), $codes)->orderBy('sort_name')->orderBy('person_id')
                    ->limit($most)->get();
            }
        }

        return $found;
    }

    /** Lines that are filed under a beginning. */
    private function under(string $name): Builder
    {
        return $this->lines()->where('sort_name', '>=', $name)->where('sort_name', '<', $name.self::AFTER_ALL)->orderBy('sort_name')
            ->orderBy('person_id');
    }

    /**
     * The first of what was found. It is found first and sorted then: left to itself, the planner walks the index by
     * name until enough of it matches, through most of a large tree. Of thousands only some are sorted: which twelve
     * of them come first is nobody's question.
     *
     * @return Collection<int, stdClass>
     */
    private function first(Builder $found, int $most): Collection
    {
        return self::fenced($found->limit(self::SORTED))->orderBy('sort_name')->orderBy('person_id')->limit($most)->get();
    }

    /** @return Collection<int, stdClass> the most alike first */
    private function nearestAlike(Builder $found, int $most): Collection
    {
        return self::fenced($found)->orderBy('likeness')->orderBy('sort_name')->orderBy('person_id')->limit($most)->get();
    }

    /** What was found, whichever way the planner would like to take through a sort. */
    public static function fenced(Builder $found): Builder
    {
        if ($found->columns === null) {
            $found->select('person_lines.*')->selectRaw('0::real AS likeness');
        }

        return DB::query()->fromSub($found->offset(0), 'person_lines');
    }

    /** @param  list<string>  $words */
    private function byOtherForms(array $words): Builder
    {
        $variants = OwnVariants::of($this->current);

        return self::beginning($this->lines(), array_map(static fn (string $word): array => [$word, ...$variants->of($word)], $words));
    }

    /**
     * Lines in which, for each of these words, a name begins with one of its forms.
     *
     * @param  list<list<string>>  $words
     */
    private static function beginning(Builder $lines, array $words): Builder
    {
        $each = array_map(static fn (array $forms): string => '('
            .implode(' | ', array_map(static fn (string $form): string => "'{$form}':*", $forms)).')', $words);

        return $each === [] ? $lines : $lines->whereRaw("words @@ to_tsquery('simple', ?)", [implode(' & ', $each)]);
    }

    /** @param  list<string>  $words */
    private function bySound(array $words): Builder
    {
        return $this->sounding($this->lines(), SoundCode::each(implode(' ', $words)));
    }

    /** @param  list<string>  $codes */
    private function sounding(Builder $lines, array $codes): Builder
    {
        return $codes === [] ? $lines->whereRaw('false') : $lines->whereRaw('sounds @> ?::text[]', ['{'.implode(',', $codes).'}']);
    }

    /** @param  list<string>  $words */
    private function byLikeness(array $words): Builder
    {
        DB::statement('SET pg_trgm.word_similarity_threshold = '.self::ALIKE);
        $lines = $this->lines();
        foreach ($words as $word) {
            $lines->whereRaw('search %> ?', [$word]);
        }

        return $lines->select('person_lines.*')->selectRaw('-word_similarity(?, search) AS likeness', [implode(' ', $words)]);
    }

    /** @return array{list<string>, int|null} words of names, and a year that stood among them */
    private static function parts(string $typed): array
    {
        $words = array_values(array_filter(explode(' ', SearchForm::of($typed)), static fn (string $word): bool => $word !== ''));
        $years = array_values(array_filter($words, static fn (string $word): bool => preg_match('/^[12]\d{3}$/', $word) === 1));

        return [array_values(array_diff($words, $years)), $years === [] ? null : (int) $years[0]];
    }

    /** Born or died in a year, or within two of it. */
    private static function around(Builder $lines, ?int $year): Builder
    {
        if ($year === null) {
            return $lines;
        }
        $days = [Calendars::gregorian()->toDay($year - self::YEARS_AROUND, 1, 1), Calendars::gregorian()
            ->toDay($year + self::YEARS_AROUND, 12, 31)];

        return $lines->where(static fn (Builder $either) => $either->whereBetween('birth_day', $days)->orWhereBetween('death_day', $days));
    }
}
