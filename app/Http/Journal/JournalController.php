<?php

declare(strict_types=1);

namespace App\Http\Journal;

use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Journal\Inputs\JournalInput;
use App\Http\Journal\Inputs\StepsInput;
use App\Http\Journal\Resources\ChangePage;
use App\Http\Journal\Resources\ChangeResource;
use App\Http\Journal\Resources\DoneResource;
use App\Http\Journal\Resources\EntryResource;
use App\Http\Journal\Resources\JournalPage;
use App\Http\Journal\Resources\NextStepsResource;
use App\Http\Tree\TreesController;
use App\Models\User;
use App\Refusal;
use App\Trees\Changes\Step;
use App\Trees\Changes\Undo;
use App\Trees\Journal\Changes;
use App\Trees\Journal\ToldChange;
use App\Trees\Places\Gazetteers;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What was changed, by whom and why, and undoing it. */
final readonly class JournalController
{
    public function __construct(private CurrentTree $current, private Undo $undo, private Changes $changes, private Gazetteers $gazetteers)
    {
    }

    #[Get('/trees/{tree}/journal', 'journal', JournalPage::class, query: ['before', 'person', 'author', 'from', 'to', 'field', 'how'])]
    public function index(Request $request): JsonResponse
    {
        self::refuseShielded($this->current);
        $changes = array_map(self::line(...),
            $this->changes->list(JournalInput::from($request)->asked($this->gazetteers->datingConvention(null)),
                before: $request->integer('before')));
        $last = count($changes) === Changes::AT_ONCE ? $changes[Changes::AT_ONCE - 1]->seq : null;
        $user = TreesController::user($request);

        return response()
            ->json(new JournalPage($changes, $last, self::steps($this->undo->undoable($user)), self::steps($this->undo->redoable($user)),
                $this->changes->authors()));
    }

    #[Get('/trees/{tree}/journal/next', 'nextSteps', NextStepsResource::class)]
    public function next(Request $request): JsonResponse
    {
        $user = TreesController::user($request);
        // What somebody did may name people whom they may no longer see.
        $isHidden = ! $this->current->seesLiving();

        return response()->json($isHidden ? new NextStepsResource('', '') : new NextStepsResource(
            self::steps($this->undo->undoable($user, 1))[0] ?? '', self::steps($this->undo->redoable($user, 1))[0] ?? '',
        ));
    }

    #[Get('/trees/{tree}/journal/{change}', 'change', ChangePage::class)]
    public function show(string $tree, string $change): JsonResponse
    {
        self::refuseShielded($this->current);
        abort_unless($this->changes->isThere($change), 404);

        return response()->json(new ChangePage(array_map(EntryResource::of(...), $this->changes->entries($change))));
    }

    #[Post('/trees/{tree}/journal/undo', 'undo', DoneResource::class, StepsInput::class)]
    public function undo(Request $request): JsonResponse
    {
        $user = TreesController::user($request);

        return $this->each($request, 'Undid',
            fn (): Step => $this->undo->undoable($user, 1)[0]
                ?? throw new Refusal('There is nothing of yours to undo in this tree.', 409), $user);
    }

    #[Post('/trees/{tree}/journal/redo', 'redo', DoneResource::class, StepsInput::class)]
    public function redo(Request $request): JsonResponse
    {
        $user = TreesController::user($request);

        return $this->each($request, 'Redid',
            fn (): Step => $this->undo->redoable($user, 1)[0] ?? throw new Refusal('There is nothing to redo.', 409), $user);
    }

    #[Post('/trees/{tree}/journal/{change}/undo', 'undoChange', DoneResource::class)]
    public function undoOne(Request $request, string $tree, string $change): JsonResponse
    {
        return response()->json(new DoneResource('Undid: '.$this->undo->undo($change, TreesController::user($request))));
    }

    public static function refuseShielded(CurrentTree $current): void
    {
        $current->refuseShielded('The journal names living people; it is for those who may see them.');
    }

    public static function line(ToldChange $change): ChangeResource
    {
        return new ChangeResource($change->id, $change->seq, $change->summary, $change->whose, $change->why, $change->who, $change->how,
            $change->madeAt, $change->isUndone, ! $change->isUndone && ! $change->isUndoing, $change->rows);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<string>
     */
    private static function steps(array $steps): array
    {
        return array_map(static fn (Step $step): string => $step->words(), $steps);
    }

    /**
     * As many steps as were asked for, each a change of its own; where one cannot be taken, those before it stand.
     *
     * @param  \Closure(): Step  $next
     */
    private function each(Request $request, string $did, \Closure $next, User $user): JsonResponse
    {
        $done = [];
        for ($step = StepsInput::from($request)->steps; $step > 0; $step--) {
            try {
                $done[] = Step::without($this->undo->undo($next()->id, $user));
            } catch (Refusal $refused) {
                if ($done === []) {
                    throw $refused;
                }

                return response()->json(new DoneResource("{$did}: ".implode('; ', $done).". Then it stopped. {$refused->getMessage()}"));
            }
        }

        return response()->json(new DoneResource("{$did}: ".implode('; ', $done)));
    }
}
