<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Api\Get;
use App\Http\Questions\Resources\FindingsPage;
use App\Trees\Derived\RecalculationQueue;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What disagrees and nobody has taken up, the worst first. */
final readonly class FindingsController
{
    private const AT_ONCE = 40;

    public function __construct(private CurrentTree $current, private FindingRows $rows, private RecalculationQueue $due)
    {
    }

    #[Get('/trees/{tree}/findings', 'findings', FindingsPage::class, query: ['after'])]
    public function index(Request $request): JsonResponse
    {
        $this->current->refuseShielded('Questions name living people; they are for those who may see them.');
        $after = $request->integer('after');
        $found = $this->rows->after($after, self::AT_ONCE);

        return response()->json(new FindingsPage($found, count($found) === self::AT_ONCE ? $found[self::AT_ONCE - 1]->id : null,
            $after === 0 ? $this->rows->count() : 0, $this->due->isAny()));
    }
}
