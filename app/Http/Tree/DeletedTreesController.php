<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Tree\Resources\DeletedTreeList;
use App\Http\Tree\Resources\DeletedTreeResource;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Trees that were deleted or replaced, kept thirty days for their owner. */
final readonly class DeletedTreesController
{
    private const DAYS = 30;

    #[Get('/deleted-trees', 'deletedTrees', DeletedTreeList::class)]
    public function index(Request $request): JsonResponse
    {
        $trees = self::own(TreesController::user($request))->orderByDesc('deleted_at')->get();

        return response()
            ->json(new DeletedTreeList(array_values($trees->map(static fn (Tree $tree): DeletedTreeResource => new DeletedTreeResource(
                $tree->id, $tree->name, (string) $tree->getAttribute('deleted_at'), (int) DB::table('people')->where('tree_id', $tree->id)
                    ->count(),
            ))->all())));
    }

    #[Post('/deleted-trees/{deleted}/restore', 'restoreTree', DeletedTreeResource::class)]
    public function restore(Request $request, string $deleted): JsonResponse
    {
        $tree = self::own(TreesController::user($request))->where('id', $deleted)->first() ?? throw new Refusal(Refusal::NOT_HERE, 404);
        $tree->restore();

        return response()
            ->json(new DeletedTreeResource($tree->id, $tree->name, '', (int) DB::table('people')->where('tree_id', $tree->id)->count()));
    }

    /** @return Builder<Tree> */
    private static function own(User $user): Builder
    {
        return Tree::onlyTrashed()->where('deleted_at', '>', Carbon::now()->subDays(self::DAYS))
            ->whereIn('id', DB::table('members')->where('user_id', $user->id)->where('role', 'owner')->select('tree_id'));
    }
}
