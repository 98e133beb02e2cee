<?php

declare(strict_types=1);

namespace App\Http\Journal;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Journal\Resources\DeletedPage;
use App\Http\Journal\Resources\DeletedResource;
use App\Http\Journal\Resources\DoneResource;
use App\Http\Tree\TreesController;
use App\Trees\Journal\DeletedThing;
use App\Trees\Journal\DeletedThings;
use App\Trees\Journal\Restoration;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was deleted waits here to be put back. */
final readonly class DeletedController
{
    public function __construct(private CurrentTree $current, private DeletedThings $deleted, private Restoration $putBack)
    {
    }

    #[Get('/trees/{tree}/deleted', 'deleted', DeletedPage::class, query: ['before'])]
    public function index(Request $request): JsonResponse
    {
        JournalController::refuseShielded($this->current);
        [$things, $next] = $this->deleted->list($request->integer('before'));

        return response()
            ->json(new DeletedPage(
                array_map(static fn (DeletedThing $thing): DeletedResource => new DeletedResource($thing->entryId, $thing->called,
                    $thing->whose,
                    $thing->with, $thing->who, $thing->madeAt, $thing->why),
                    $things), $next));
    }

    #[Post('/trees/{tree}/journal/deleted/{entry}/put-back', 'putBackDeleted', DoneResource::class)]
    public function putBack(Request $request, string $tree, string $entry): JsonResponse
    {
        return response()->json(new DoneResource($this->putBack->thing($entry, TreesController::user($request))));
    }
}
