<?php

declare(strict_types=1);

namespace App\Http\Journal;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Resources\ChangeResource;
use App\Http\Resources\JournalPage;
use App\Http\Resources\SaidResource;
use App\Http\Tree\TreesController;
use App\Refusal;
use App\Trees\Changes\Undo;
use App\Trees\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What was changed, by whom and why, and taking it back. */
final readonly class JournalController
{
    private const AT_ONCE = 60;

    public function __construct(private CurrentTree $current, private Undo $undo)
    {
    }

    #[Get('/trees/{tree}/journal', 'journal', JournalPage::class, query: ['before'])]
    public function index(Request $request): JsonResponse
    {
        if (! $this->current->seesLiving()) {
            throw new Refusal('The journal names living people; it is for those who may see them.', 403);
        }
        $changes = self::changes($this->current->id(), self::AT_ONCE, $request->integer('before'));
        $last = count($changes) === self::AT_ONCE ? $changes[self::AT_ONCE - 1]->seq : null;
        $user = TreesController::user($request);

        return response()->json(new JournalPage($changes, $last, $this->undo->nextUndo($user)->summary ?? '', $this->undo->nextRedo($user)->summary ?? ''));
    }

    #[Post('/trees/{tree}/journal/undo', 'undo', SaidResource::class)]
    public function undo(Request $request): JsonResponse
    {
        $user = TreesController::user($request);
        $next = $this->undo->nextUndo($user) ?? throw new Refusal('There is nothing of yours to undo in this tree.', 409);

        return response()->json(new SaidResource('Undid: '.$this->undo->undo($next->id, $user)));
    }

    #[Post('/trees/{tree}/journal/redo', 'redo', SaidResource::class)]
    public function redo(Request $request): JsonResponse
    {
        $user = TreesController::user($request);
        $next = $this->undo->nextRedo($user) ?? throw new Refusal('There is nothing to do again.', 409);

        return response()->json(new SaidResource('Did again: '.preg_replace('/^Undid: /', '', $this->undo->undo($next->id, $user))));
    }

    #[Post('/trees/{tree}/journal/{change}/undo', 'undoChange', SaidResource::class)]
    public function undoOne(Request $request, string $tree, string $change): JsonResponse
    {
        return response()->json(new SaidResource('Undid: '.$this->undo->undo($change, TreesController::user($request))));
    }

    /** @return list<ChangeResource> the newest first */
    public static function changes(string $treeId, int $most, int $before = 0): array
    {
        $rows = DB::table('change_sets')->leftJoin('users', 'users.id', 'change_sets.user_id')
            ->where('change_sets.tree_id', $treeId)
            ->when($before > 0, static fn ($query) => $query->where('change_sets.seq', '<', $before))
            ->orderByDesc('change_sets.seq')->limit($most)
            ->get(['change_sets.*', 'users.name AS who']);
        $counts = DB::table('journal')->where('tree_id', $treeId)->whereIn('change_set_id', $rows->pluck('id'))
            ->whereRaw("(before IS NULL OR op <> 'update' OR (before - 'changed_at') <> '{}'::jsonb)")
            ->groupBy('change_set_id')->selectRaw("change_set_id, sum(coalesce((before->>'rows')::int, 1)) AS rows")->pluck('rows', 'change_set_id');

        return array_values($rows->map(static fn (stdClass $row): ChangeResource => new ChangeResource(
            $row->id, $row->seq, $row->summary, $row->why, $row->who ?? 'North Bough', $row->how, $row->made_at,
            $row->undone_by !== null, $row->undone_by === null && $row->kind !== 'undo', (int) ($counts[$row->id] ?? 0),
        ))->all());
    }
}
