<?php

declare(strict_types=1);

namespace App\Http\Doubles;

use App\Http\Api\CreatedResource;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Doubles\Inputs\ApartInput;
use App\Http\Doubles\Inputs\JoinInput;
use App\Http\Doubles\Resources\ApartPage;
use App\Http\Doubles\Resources\DoublesOfPerson;
use App\Http\Doubles\Resources\JoinPlanPage;
use App\Http\Doubles\Resources\RowSinceResource;
use App\Http\Tree\TreesController;
use App\Models\Join;
use App\Models\Person;
use App\Refusal;
use App\Trees\Doubles\Ruling;
use App\Trees\Doubles\Rulings;
use App\Trees\Joins\JoinPeople;
use App\Trees\Joins\RowSince;
use App\Trees\Joins\TakeApart;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;

/** Two people who are one: what joining them would do, the join, and what takes it apart again. */
final readonly class JoinsController
{
    public function __construct(
        private CurrentTree $current,
        private JoinPeople $joins,
        private TakeApart $apart,
        private Rulings $rulings,
        private JoinPages $pages,
        private DoublePages $doubles,
    ) {
    }

    /** The first of the two stays. */
    #[Get('/trees/{tree}/doubles/{person}/{otherPerson}/plan', 'planJoin', JoinPlanPage::class, query: ['leading'])]
    public function plan(Request $request, string $tree, string $person, string $otherPerson): JsonResponse
    {
        $this->current->refuseShielded('A plan tells of the living, too; it is for those who may see them.');
        $leading = array_values(array_filter(explode(',', $request->string('leading')->toString()), Str::isUuid(...)));
        try {
            $page = $this->pages->plan($this->joins->plan(Person::query()->findOrFail($person), Person::query()->findOrFail($otherPerson),
                $leading));
        } catch (Refusal $refusal) {
            $page = new JoinPlanPage($refusal->getMessage(), [], [], [], [], []);
        }

        return response()->json($page);
    }

    #[Post('/trees/{tree}/doubles/{person}/{otherPerson}/join', 'joinPeople', CreatedResource::class, JoinInput::class)]
    public function store(Request $request, string $tree, string $person, string $otherPerson): JsonResponse
    {
        $input = JoinInput::from($request);
        $ruling = $this->rulings->of($person, $otherPerson);
        if ($ruling?->ruling === Ruling::Different->value) {
            throw new Refusal("They were ruled to be two people: {$ruling->reason} Take that back first.", 409);
        }
        $join = $this->joins->join(Person::query()->findOrFail($person), Person::query()->findOrFail($otherPerson), $input->leading,
            TreesController::user($request), trim($input->reason ?? ''));

        return response()->json(new CreatedResource($join->id));
    }

    #[Get('/trees/{tree}/people/{person}/doubles', 'doublesOfPerson', DoublesOfPerson::class)]
    public function index(string $tree, string $person): JsonResponse
    {
        $this->current->refuseShielded('Doubles are told of the living, too; they are for those who may see them.');
        $row = Person::query()->findOrFail($person);

        return response()->json(new DoublesOfPerson($this->doubles->ofPerson($row->id), $this->pages->of('kept_person_id', $row->id)));
    }

    #[Post('/trees/{tree}/joins/{join}/apart', 'takeApart', ApartPage::class, ApartInput::class)]
    public function apart(Request $request, string $tree, string $join): JsonResponse
    {
        $apart = $this->apart->run(Join::query()->findOrFail($join), ApartInput::from($request)->answers(),
            TreesController::user($request), '');

        return response()
            ->json(new ApartPage($apart->backId, array_map(static fn (RowSince $row): RowSinceResource => new RowSinceResource($row->id,
                $row->says), $apart->asked), $apart->remarks));
    }
}
