<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Get;
use App\Http\Api\SortColumn;
use App\Http\Api\Sorting;
use App\Http\People\Resources\CoupleLine;
use App\Http\People\Resources\CouplesPage;
use App\Http\People\Resources\NamedPerson;
use App\Trees\Access\LivingPeople;
use App\Trees\Display\DisplayPreferences;
use App\Trees\Search\CoupleSearch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Collection;
use NorthBough\Core\Life\LifeYears;
use stdClass;

/** The list of couples, on the derived lines. */
final readonly class CouplesController
{
    private const AT_ONCE = 100;

    public function __construct(private CoupleSearch $search, private LivingPeople $living, private DisplayPreferences $reader)
    {
    }

    #[Get('/trees/{tree}/couples', 'couples', CouplesPage::class, query: ['q', 'without', 'sort', 'order', 'after'])]
    public function index(Request $request): JsonResponse
    {
        $sorting = Sorting::asked($request, [
            'first' => SortColumn::words('first_sort'), 'second' => SortColumn::wordsOrNone('second_sort'),
            'married' => SortColumn::numberOrNone('married_day'), 'place' => SortColumn::wordsOrNone('married_place'),
            'children' => SortColumn::number('children'),
        ], 'union_id');
        $found = $this->search->matching($request->string('q')->trim()->toString(), $request->string('without')->toString());
        $total = $sorting->isFirst() ? $this->search->lines()->count() : 0;
        $shown = $sorting->isFirst() ? (clone $found)->count() : 0;
        $rows = $sorting->page($found->select('couple_lines.*'), self::AT_ONCE);

        return response()->json(new CouplesPage($this->lines($rows), Sorting::next($rows, self::AT_ONCE), $shown, $total));
    }

    /**
     * @param  Collection<int, stdClass>  $rows
     * @return list<CoupleLine>
     */
    private function lines(Collection $rows): array
    {
        $unions = $this->living->forReader()->unions(array_values($rows->pluck('union_id')->all()));
        $people = $this->living->forReader()->lives(
            array_values(array_unique(array_merge([], ...array_values(array_column($unions, 'partnerIds'))))));
        $dates = $this->reader->dates();

        return array_values($rows->map(static fn (stdClass $row): CoupleLine => new CoupleLine(
            $row->union_id,
            array_map(static fn (string $id): NamedPerson => new NamedPerson($id, $people[$id]->number, $people[$id]->name()->shown(),
                LifeYears::shown($people[$id])), $unions[$row->union_id]->partnerIds),
            $dates->set($row->married_shown, 'GREGORIAN'), $row->married_place, $row->children,
            $row->married_shown === '' ? [] : Notches::of($unions[$row->union_id]->marriage()),
        ))->all());
    }
}
