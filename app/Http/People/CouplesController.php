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
use App\Trees\Search\CoupleRow;
use App\Trees\Search\CoupleSearch;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

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
        $page = $sorting->page($found->select('couple_lines.*'), self::AT_ONCE, CoupleRow::read(...));

        return response()->json(new CouplesPage($this->lines($page->rows), $page->next, $shown, $total));
    }

    /**
     * @param  list<CoupleRow>  $rows
     * @return list<CoupleLine>
     */
    private function lines(array $rows): array
    {
        $unions = $this->living->forReader()->unions(array_column($rows, 'unionId'));
        $people = $this->living->forReader()->lives(
            array_values(array_unique(array_merge([], ...array_values(array_column($unions, 'partnerIds'))))));
        $dates = $this->reader->dates();

        return array_map(static fn (CoupleRow $row): CoupleLine => new CoupleLine(
            $row->unionId,
            array_map(static fn (string $id): NamedPerson => NamedPerson::of($people[$id]), $unions[$row->unionId]->partnerIds),
            $dates->set($row->marriedShown, 'GREGORIAN'), $row->marriedPlace, $row->children,
            $row->marriedShown === '' ? [] : Notches::of($unions[$row->unionId]->marriage()),
        ), $rows);
    }
}
