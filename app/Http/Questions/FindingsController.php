<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Api\Get;
use App\Http\Questions\Resources\FindingResource;
use App\Http\Questions\Resources\FindingsPage;
use App\Models\Question;
use App\Trees\Derived\RecalculationQueue;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Life\LifeYears;
use stdClass;

/** What disagrees and nobody has taken up, the worst first. */
final readonly class FindingsController
{
    private const AT_ONCE = 40;

    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private RecalculationQueue $due)
    {
    }

    #[Get('/trees/{tree}/findings', 'findings', FindingsPage::class, query: ['after'])]
    public function index(Request $request): JsonResponse
    {
        $this->current->refuseShielded('Questions name living people; they are for those who may see them.');
        $untaken = static fn () => DB::table('findings')
            ->leftJoin('questions', static fn ($join) => $join->on('questions.tree_id', 'findings.tree_id')
                ->on('questions.person_id', 'findings.person_id')->on('questions.aspect', 'findings.aspect')
                ->where('questions.kind', 'conflict')->where('questions.state', 'open'))
            ->whereNull('questions.id');
        $last = DB::table('findings')->where('tree_id', $this->current->id())->where('id', $request->integer('after'))->first();
        $rows = $untaken()->where('findings.tree_id', $this->current->id())
            ->when($last !== null,
                static fn ($query) => $query->whereRaw('(NOT findings.is_hard, -findings.badness, findings.id) > (?, ?, ?)',
                    [! $last?->is_hard, -($last->badness ?? 0.0), $last?->id]))
            ->orderByDesc('findings.is_hard')->orderByDesc('findings.badness')->orderBy('findings.id')->limit(self::AT_ONCE)
            ->get(['findings.*']);
        $people = $this->tree->lives(array_values(array_unique($rows->pluck('person_id')->all())));
        $found = $rows->map(static function (stdClass $row) use ($people): FindingResource {
            $person = $people[$row->person_id] ?? null;
            $sentence = str_ends_with($row->aspect, ' window')
                ? 'No date of '.substr($row->aspect, 0, -strlen(' window')).' fits all the evidence: '.($person?->name()->shown() ?? '?')
                : QuestionPages::sentence(new Question(['aspect' => $row->aspect]), $person);

            return new FindingResource((int) $row->id, $row->person_id, $sentence, $person === null ? '' : LifeYears::shown($person),
                $row->aspect, $row->is_hard, $row->ground,
                in_array($row->aspect, ['mother', 'father'], true) ? json_decode($row->subjects, true, flags: JSON_THROW_ON_ERROR) : []);
        });

        return response()
            ->json(new FindingsPage(array_values($found->all()),
                $rows->count() === self::AT_ONCE ? (int) $rows[self::AT_ONCE - 1]->id : null,
                $request->integer('after') === 0 ? $untaken()->where('findings.tree_id', $this->current->id())->count() : 0,
                $this->due->isAny()));
    }
}
