<?php

declare(strict_types=1);

namespace App\Http\Doubles;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Doubles\Inputs\JoinSureInput;
use App\Http\Doubles\Inputs\ScanInput;
use App\Http\Doubles\Resources\ComparePage;
use App\Http\Doubles\Resources\DoublesPage;
use App\Http\Exchange\ExchangeController;
use App\Http\Exchange\Resources\RunResource;
use App\Http\Tree\TreesController;
use App\Jobs\JoinSureDoubles;
use App\Jobs\ScanForDoubles;
use App\Trees\Doubles\ScanScope;
use App\Trees\Exchange\LostRuns;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** People who may stand in the tree twice: looked for, listed, and set side by side. */
final readonly class DoublesController
{
    /** Whoever reads without the living would learn of them. */
    private const SHIELDED = 'Doubles are told of the living, too; they are for those who may see them.';

    public function __construct(private CurrentTree $current, private DoublePages $pages, private ComparePages $compared)
    {
    }

    #[Get('/trees/{tree}/doubles', 'doubles', DoublesPage::class, query: ['show', 'sort', 'q', 'after'])]
    public function index(Request $request): JsonResponse
    {
        $this->current->refuseShielded(self::SHIELDED);

        return response()
            ->json($this->pages->page(new DoublesAsked($request->string('show')->toString(), $request->string('sort')->toString(),
                trim($request->string('q')->toString())), $request->string('after')->toString()));
    }

    #[Get('/trees/{tree}/doubles/{person}/{otherPerson}', 'compare', ComparePage::class, query: ['beside'])]
    public function compare(Request $request, string $tree, string $person, string $otherPerson): JsonResponse
    {
        $this->current->refuseShielded(self::SHIELDED);
        $beside = array_filter(explode(',', $request->string('beside')->toString()), Str::isUuid(...));

        return response()->json($this->compared->of(array_values(array_unique([$person, $otherPerson, ...$beside]))));
    }

    /** The ids of a list, for a table elsewhere. */
    #[Get('/trees/{tree}/doubles/pairs.csv', 'doublesAsTable', null, query: ['show', 'q'])]
    public function table(Request $request): Response
    {
        $this->current->refuseShielded(self::SHIELDED);
        $asked = new DoublesAsked($request->string('show')->toString(), '', trim($request->string('q')->toString()));

        return response($this->pages->table($asked), 200, ['Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="doubles.csv"']);
    }

    #[Post('/trees/{tree}/doubles/joins', 'joinSureDoubles', RunResource::class, JoinSureInput::class)]
    public function joinSure(Request $request): JsonResponse
    {
        $input = JoinSureInput::from($request);
        $run = LostRuns::begin($this->current->id(), TreesController::user($request), 'joins', 'Joining pairs that are over 99 % likely',
            'Pairs are being joined already. Wait until it is done, or cancel it.', static fn (): array => get_object_vars($input));
        JoinSureDoubles::dispatch($run->id);

        return response()->json(ExchangeController::run($run->refresh()));
    }

    #[Post('/trees/{tree}/doubles/scans', 'scanForDoubles', RunResource::class, ScanInput::class)]
    public function scan(Request $request, ScanScope $scope): JsonResponse
    {
        $asked = array_filter(get_object_vars(ScanInput::from($request)), static fn ($part): bool => $part !== null && $part !== '');
        $scope->ids($asked);
        $run = LostRuns::begin($this->current->id(), TreesController::user($request), 'doubles', "Doubles: {$scope->words($asked)}",
            'Doubles are being looked for already. Wait until it is done, or cancel it.', static fn (): array => $asked);
        ScanForDoubles::dispatch($run->id);

        return response()->json(ExchangeController::run($run->refresh()));
    }
}
