<?php

declare(strict_types=1);

namespace App\Http\Journal;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Resources\DeletedPage;
use App\Http\Resources\DeletedResource;
use App\Http\Resources\SaidResource;
use App\Http\Tree\TreesController;
use App\Trees\CurrentTree;
use App\Trees\Journal\Deleted;
use App\Trees\Journal\PutBack;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use stdClass;

/** What was deleted waits here to be put back. */
final readonly class DeletedController
{
    public function __construct(private CurrentTree $current, private Deleted $deleted, private PutBack $putBack)
    {
    }

    #[Get('/trees/{tree}/deleted', 'deleted', DeletedPage::class, query: ['before'])]
    public function index(Request $request): JsonResponse
    {
        JournalController::refuseShielded($this->current);
        [$things, $next] = $this->deleted->list($request->integer('before'));

        return response()->json(new DeletedPage(array_map(static fn (stdClass $one): DeletedResource => new DeletedResource($one->id, $one->called, $one->whose, $one->with, $one->who, $one->madeAt, $one->why), $things), $next));
    }

    #[Post('/trees/{tree}/journal/deleted/{entry}/put-back', 'putBackDeleted', SaidResource::class)]
    public function putBack(Request $request, string $tree, string $entry): JsonResponse
    {
        return response()->json(new SaidResource($this->putBack->thing($entry, TreesController::user($request))));
    }
}
