<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Get;
use App\Http\Api\SortColumn;
use App\Http\Api\Sorting;
use App\Http\People\Resources\JumpList;
use App\Http\People\Resources\PeoplePage;
use App\Http\People\Resources\PersonLine;
use App\Models\Person;
use App\Trees\Access\LivingPeople;
use App\Trees\Display\DisplayPreferences;
use App\Trees\Numbers\LineNumbers;
use App\Trees\Places\FactsAtPlaces;
use App\Trees\Search\IndexLine;
use App\Trees\Search\KinFilter;
use App\Trees\Search\PeopleSearch;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthBough\Core\Chrono\Calendar\Calendars;

/** The index of people and the jump field, both on the derived lines. */
final readonly class IndexController
{
    private const AT_ONCE = 100;

    private const JUMPS = 12;

    public function __construct(
        private PeopleSearch $search,
        private FactsAtPlaces $facts,
        private DisplayPreferences $reader,
        private LivingPeople $living,
        private KinToCentre $kin,
        private KinFilter $kinFilter,
        private LineNumbers $numbers,
    ) {
    }

    #[Get('/trees/{tree}/people', 'people', PeoplePage::class, query: ['q', 'sort', 'order', 'after', 'sex', 'from', 'to', 'only', 'place',
        'kin'])]
    public function index(Request $request): JsonResponse
    {
        $sorting = Sorting::asked($request, [
            'name' => SortColumn::words('sort_name'), 'number' => SortColumn::number('number'),
            'birth' => SortColumn::numberOrNone('birth_day'), 'death' => SortColumn::numberOrNone('death_day'),
            'line' => SortColumn::numberOrNone('told_at'),
        ], 'person_id');
        $isInLine = $request->string('sort')->toString() === 'line';
        $told = $isInLine || $request->string('only')->toString() === 'line' ? $this->numbers->told() : [];
        $filtered = $this->filtered($request, $told);
        $total = $sorting->isFirst() ? $this->search->total() : 0;
        $shown = ! $sorting->isFirst() ? 0 : ($this->isFiltered($request) ? (clone $filtered)->count() : $total);
        $query = $request->string('q')->trim()->isEmpty() ? $filtered : PeopleSearch::fenced($filtered);
        $query = $isInLine ? self::toldAt($query, $told) : $query;
        $page = $sorting->page($query->select('*'), self::AT_ONCE, IndexLine::read(...));

        return response()->json(new PeoplePage($this->lines($page->rows, self::kinOf($request)), $page->next, $shown, $total));
    }

    /** By number, year, the beginnings of names, other forms, sound and likeness. */
    #[Get('/trees/{tree}/jump', 'jump', JumpList::class, query: ['q'])]
    public function jump(Request $request): JsonResponse
    {
        $typed = $request->string('q')->trim()->toString();
        $rows = $this->search->nearest($typed, self::JUMPS, $this->numbers->whoHas($typed));

        return response()->json(new JumpList($this->lines($rows)));
    }

    /** @param  list<string>  $told  everybody who has a number, where those are asked for */
    private function filtered(Request $request, array $told): Builder
    {
        $lines = $this->search->matching($request->string('q')->toString(), $this->numbers->whoHas($request->string('q')->toString()));
        if (in_array($request->string('sex')->toString(), ['F', 'M', 'X', 'U'], true)) {
            $lines->where('sex', $request->string('sex')->toString());
        }
        foreach (['from' => ['>=', 1, 1], 'to' => ['<=', 12, 31]] as $side => [$sign, $month, $day]) {
            if ($request->integer($side) > 0) {
                $lines->where('birth_day', $sign, Calendars::gregorian()->toDay(min(3000, $request->integer($side)), $month, $day));
            }
        }

        if (Str::isUuid($request->string('place')->toString())) {
            $lines->whereIn('person_id', $this->whoWereAt($request->string('place')->toString()));
        }

        return match ($request->string('only')->toString()) {
            'kin' => self::kinOf($request) === '' ? $lines : $this->kinFilter->of($lines, self::kinOf($request)),
            'line' => $lines->whereRaw('person_lines.person_id = ANY(?::uuid[])', [self::ids($told)]),
            'tied to nobody' => $this->tiedToNobody($lines),
            'living' => LivingPeople::onlyLiving($lines),
            'undated' => $lines->whereNull('birth_day')->whereNull('death_day'),
            'sex unknown' => $lines->where('sex', 'U'),
            default => $lines,
        };
    }

    /** Those of whom something happened in a place, or in what ever lay in it; a couple's facts are both partners'. */
    private function whoWereAt(string $placeId): Builder
    {
        return $this->facts->in($this->facts->inward($placeId))
            ->leftJoin('counted_partners', static fn ($join) => $join->on('counted_partners.tree_id', 'events.tree_id')
                ->on('counted_partners.union_id', 'events.union_id'))
            ->selectRaw('coalesce(events.person_id, counted_partners.person_id)');
    }

    /**
     * With the column `told_at`: where each is told in the line that is numbered.
     *
     * @param  list<string>  $told
     */
    private static function toldAt(Builder $lines, array $told): Builder
    {
        return $lines->leftJoin(DB::raw('(SELECT id AS told_id, at AS told_at FROM unnest('.DB::escape(self::ids($told))
            .'::uuid[]) WITH ORDINALITY AS line(id, at)) AS told'), 'told.told_id', '=', 'person_lines.person_id');
    }

    /** @param  list<string>  $ids */
    private static function ids(array $ids): string
    {
        return '{'.implode(',', $ids).'}';
    }

    /** @return string whom the people of the list are told to be something to; empty for nobody */
    private static function kinOf(Request $request): string
    {
        $asked = $request->string('kin')->toString();

        return Str::isUuid($asked) && Person::query()->whereKey($asked)->exists() ? $asked : '';
    }

    private function isFiltered(Request $request): bool
    {
        return collect(['q', 'sex', 'from', 'to', 'only', 'place'])
            ->contains(static fn (string $key): bool => $request->string($key)->trim()->isNotEmpty());
    }

    private function tiedToNobody(Builder $lines): Builder
    {
        foreach (['union_partners' => 'person_id', 'parent_sets' => 'child_id', 'parentages' => 'person_id'] as $table => $column) {
            $lines->whereNotExists(static fn (Builder $query) => $query->selectRaw('1')->from($table)
                ->whereColumn("{$table}.tree_id", 'person_lines.tree_id')->whereColumn("{$table}.{$column}", 'person_lines.person_id'));
        }

        return $lines;
    }

    /**
     * @param  list<IndexLine>  $found
     * @param  string  $kinOf  whom they are told to be something to; empty for nobody
     * @return list<PersonLine> with names and dates as the reader wants them
     */
    private function lines(array $found, string $kinOf = ''): array
    {
        $people = $this->reader->isUsual() ? [] : $this->living->forReader()->lives(array_column($found, 'personId'));
        $dates = $this->reader->dates();
        $numbers = $this->numbers->of(array_column($found, 'personId'));
        $terms = $kinOf === '' ? [] : $this->kin->termsOf(array_column($found, 'personId'), $kinOf);

        return array_map(static function (IndexLine $line) use ($people, $dates, $terms, $numbers): PersonLine {
            $name = isset($people[$line->personId]) ? $people[$line->personId]->name() : null;

            return new PersonLine($line->personId, $line->number, $line->sex, $name?->shown() ?? $line->shownName,
                $name?->filed() ?? $line->filedName, $dates->set($line->birthShown, 'GREGORIAN'), $line->birthPlace,
                $dates->set($line->deathShown, 'GREGORIAN'), $terms[$line->personId] ?? '',
                $numbers[$line->personId] ?? '');
        }, $found);
    }
}
