<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Cursor;
use App\Http\Api\Get;
use App\Http\People\Resources\JumpList;
use App\Http\People\Resources\PeoplePage;
use App\Http\People\Resources\PersonLine;
use App\Trees\Access\LivingPeople;
use App\Trees\Display\DisplayPreferences;
use App\Trees\Places\FactsAtPlaces;
use App\Trees\Search\IndexLine;
use App\Trees\Search\PeopleSearch;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use NorthBough\Core\Chrono\Calendar\Calendars;
use stdClass;

/** The index of people and the jump field, both on the derived lines. */
final readonly class IndexController
{
    private const AT_ONCE = 100;

    private const JUMPS = 12;

    private const SORTS = ['name' => 'sort_name', 'number' => 'number', 'birth' => 'birth_sort', 'death' => 'death_sort'];

    public function __construct(
        private PeopleSearch $search,
        private FactsAtPlaces $facts,
        private DisplayPreferences $reader,
        private LivingPeople $living,
    ) {
    }

    #[Get('/trees/{tree}/people', 'people', PeoplePage::class, query: ['q', 'sort', 'after', 'sex', 'from', 'to', 'only', 'place'])]
    public function index(Request $request): JsonResponse
    {
        $sort = self::SORTS[$request->string('sort')->toString()] ?? 'sort_name';
        $cursor = $request->string('after')->toString();
        $after = $sort === 'sort_name' ? Cursor::byWords($cursor) : Cursor::byNumber($cursor);
        $filtered = $this->filtered($request);
        // Counts are told with the first page only: counting many costs more than the page.
        $total = $after === null ? $this->search->total() : 0;
        $shown = $after !== null ? 0 : ($this->isFiltered($request) ? (clone $filtered)->count() : $total);
        $query = ($request->string('q')->trim()->isEmpty() ? $filtered : PeopleSearch::fenced($filtered))->orderBy($sort)
            ->orderBy('person_id')->limit(self::AT_ONCE);
        if ($after !== null) {
            $query->whereRaw("({$sort}, person_id) > (?, ?)", $after);
        }
        $rows = $query->get();
        $last = $rows->count() === self::AT_ONCE ? $rows->last() : null;

        return response()->json(new PeoplePage(
            $this->lines(array_values(array_map(static fn (stdClass $row): IndexLine => IndexLine::read((array) $row), $rows->all()))),
            $last === null ? null : Cursor::of($last->{$sort}, $last->person_id),
            $shown, $total,
        ));
    }

    /** By number, year, the beginnings of names, other forms, sound and likeness. */
    #[Get('/trees/{tree}/jump', 'jump', JumpList::class, query: ['q'])]
    public function jump(Request $request): JsonResponse
    {
        $rows = $this->search->nearest($request->string('q')->trim()->toString(), self::JUMPS);

        return response()->json(new JumpList($this->lines($rows)));
    }

    private function filtered(Request $request): Builder
    {
        $lines = $this->search->matching($request->string('q')->toString());
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
     * @return list<PersonLine> with names and dates as the reader wants them
     */
    private function lines(array $found): array
    {
        $people = $this->reader->isUsual() ? [] : $this->living->forReader()->lives(array_column($found, 'personId'));
        $dates = $this->reader->dates();

        return array_map(static function (IndexLine $line) use ($people, $dates): PersonLine {
            $name = isset($people[$line->personId]) ? $people[$line->personId]->name() : null;

            return new PersonLine($line->personId, $line->number, $line->sex, $name?->shown() ?? $line->shownName,
                $name?->filed() ?? $line->filedName, $dates->set($line->birthShown, 'GREGORIAN'), $line->birthPlace,
                $dates->set($line->deathShown, 'GREGORIAN'));
        }, $found);
    }
}
