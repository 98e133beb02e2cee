<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Counted;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Journal\Resources\DoneResource;
use App\Http\People\Inputs\MoveInput;
use App\Http\People\Inputs\OrderInput;
use App\Http\People\Inputs\ParentSetInput;
use App\Http\People\Inputs\ReasonInput;
use App\Http\People\Inputs\StandingInput;
use App\Http\People\Resources\MovePreview;
use App\Http\Tree\TreesController;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\Union;
use App\Models\UnionPartner;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Families\FamilyWriter;
use App\Trees\Families\MovesTold;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Family\Command\LeadParents;
use NorthBough\Core\Family\Command\MoveChild;
use NorthBough\Core\Family\Command\OrderChildren;
use NorthBough\Core\Family\Command\OrderCouples;
use NorthBough\Core\Family\Command\ReplacePartner;
use NorthBough\Core\Family\Command\SettleSet;
use NorthBough\Core\Family\Command\StandPartner;
use NorthBough\Core\Family\Command\UnlinkEverybody;
use NorthBough\Core\Family\Command\UnlinkParents;
use NorthBough\Core\Family\Command\UnlinkPartner;
use NorthBough\Core\Tree\Standing;

/** Ties that are there: what they are, where they lead, in which order; and unlinking, by which the tie goes and the people stay. */
final readonly class TiesController
{
    public function __construct(
        private ChangeSets $changes,
        private FamilyWriter $families,
        private MovesTold $told,
        private PersonPageBuilder $pages,
    ) {
    }

    #[Delete('/trees/{tree}/parent-sets/{parentSet}', 'unlinkParents')]
    public function parents(Request $request, string $tree, string $parentSet): Response
    {
        $set = ParentSet::query()->findOrFail($parentSet);
        $child = $this->pages->nameOf(Person::query()->findOrFail($set->child_id));
        $this->changes->run(
            new Intent(TreesController::user($request), "Unlinked {$child} from a set of parents"),
            fn () => $this->families->run(new UnlinkParents($set->id)),
            $set,
        );

        return response()->noContent();
    }

    #[Post('/trees/{tree}/people/{person}/unlink', 'unlinkPerson', DoneResource::class, ReasonInput::class)]
    public function everybody(Request $request, string $tree, string $person): JsonResponse
    {
        $row = Person::query()->findOrFail($person);
        $count = $this->changes->run(
            new Intent(TreesController::user($request), "Unlinked {$this->pages->nameOf($row)} from all kin", ReasonInput::from($request)
                ->why ?? ''),
            fn (): int => $this->families->run(new UnlinkEverybody($row->id))->unlinked(),
            $row,
        );

        return response()->json(new DoneResource(Counted::of($count, 'tie was', 'ties were').' removed.'));
    }

    #[Delete('/trees/{tree}/union-partners/{unionPartner}', 'unlinkPartner')]
    public function partner(Request $request, string $tree, string $unionPartner): Response
    {
        $tie = UnionPartner::query()->findOrFail($unionPartner);
        $name = $this->pages->nameOf(Person::query()->findOrFail($tie->person_id));
        $this->changes->run(
            new Intent(TreesController::user($request), "Unlinked {$name} from a couple"),
            fn () => $this->families->run(new UnlinkPartner($tie->id)),
            $tie,
        );

        return response()->noContent();
    }

    /** How it stands that somebody was a partner in a union; who is ruled out stays, and counts nowhere. */
    #[Post('/trees/{tree}/union-partners/{unionPartner}/standing', 'standPartner', body: StandingInput::class)]
    public function stand(Request $request, string $tree, string $unionPartner): Response
    {
        $input = StandingInput::from($request);
        $why = trim($input->why ?? '');
        $tie = UnionPartner::query()->findOrFail($unionPartner);
        $name = $this->pages->nameOf(Person::query()->findOrFail($tie->person_id));
        $summary = match ($input->standing) {
            'accepted' => "Accepted {$name} as a partner",
            'rival' => "Called {$name} a partner who is only said to be one",
            'ruled out' => "Ruled out {$name} as a partner",
            default => "Left it unweighed whether {$name} was a partner",
        };
        $this->changes->run(
            new Intent(TreesController::user($request), $summary, $why),
            fn () => $this->families->run(new StandPartner($tie->id, Standing::from($input->standing), $why)),
            $tie,
        );

        return response()->noContent();
    }

    #[Patch('/trees/{tree}/parent-sets/{parentSet}', 'changeParents', body: ParentSetInput::class)]
    public function changeParents(Request $request, string $tree, string $parentSet): Response
    {
        $input = ParentSetInput::from($request);
        $set = ParentSet::query()->findOrFail($parentSet);
        $ruling = $input->ruling();
        $this->changes->run(
            new Intent(TreesController::user($request), "Changed how {$this->childOf($set)} is tied to a set of parents",
                $input->why ?? ''),
            function () use ($set, $ruling, $input): void {
                if ($ruling->saysSomething()) {
                    $this->families->run(new SettleSet($set->id, $ruling, $input->personId ?? ''));
                }
                if ($input->leads) {
                    $this->families->run(new LeadParents($set->id));
                }
            },
            $set,
        );

        return response()->noContent();
    }

    #[Get('/trees/{tree}/parent-sets/{parentSet}/move', 'foretellMoveOfChild', MovePreview::class, query: ['to'])]
    public function foretellChild(Request $request, string $tree, string $parentSet): JsonResponse
    {
        $to = Union::query()->findOrFail(MoveInput::from($request)->to);

        return response()->json(new MovePreview($this->told->child(ParentSet::query()->findOrFail($parentSet), $to)));
    }

    #[Post('/trees/{tree}/parent-sets/{parentSet}/move', 'moveChild', body: MoveInput::class)]
    public function moveChild(Request $request, string $tree, string $parentSet): Response
    {
        $input = MoveInput::from($request);
        $set = ParentSet::query()->findOrFail($parentSet);
        $to = Union::query()->findOrFail($input->to);
        $this->changes->run(
            new Intent(TreesController::user($request), $this->told->fromTo($set, $to), $input->why ?? ''),
            fn () => $this->families->run(new MoveChild($set->id, $to->id)),
            $set, $to,
        );

        return response()->noContent();
    }

    #[Get('/trees/{tree}/union-partners/{unionPartner}/move', 'foretellMoveOfPartner', MovePreview::class, query: ['to'])]
    public function foretellPartner(Request $request, string $tree, string $unionPartner): JsonResponse
    {
        $to = Person::query()->findOrFail(MoveInput::from($request)->to);

        return response()
            ->json(new MovePreview($this->told->of(new ReplacePartner(UnionPartner::query()->findOrFail($unionPartner)->id, $to->id))));
    }

    #[Post('/trees/{tree}/union-partners/{unionPartner}/move', 'movePartner', body: MoveInput::class)]
    public function movePartner(Request $request, string $tree, string $unionPartner): Response
    {
        $input = MoveInput::from($request);
        $tie = UnionPartner::query()->findOrFail($unionPartner);
        $to = Person::query()->findOrFail($input->to);
        $this->changes->run(
            new Intent(TreesController::user($request),
                "Put {$this->pages->nameOf($to)} in the place of {$this->pages->nameOf(Person::query()->findOrFail($tie->person_id))} in "
                    .'a union', $input->why ?? ''),
            fn () => $this->families->run(new ReplacePartner($tie->id, $to->id)),
            $tie, $to,
        );

        return response()->noContent();
    }

    #[Put('/trees/{tree}/unions/{union}/children', 'orderChildren', body: OrderInput::class)]
    public function orderChildren(Request $request, string $tree, string $union): Response
    {
        $ids = OrderInput::from($request)->ids;
        $row = Union::query()->findOrFail($union);
        $this->changes->run(
            new Intent(TreesController::user($request), 'Changed the order of the children of a couple'),
            fn () => $this->families->run(new OrderChildren($row->id, $ids)),
            $row,
        );

        return response()->noContent();
    }

    #[Put('/trees/{tree}/people/{person}/unions', 'orderUnions', body: OrderInput::class)]
    public function orderUnions(Request $request, string $tree, string $person): Response
    {
        $ids = OrderInput::from($request)->ids;
        $row = Person::query()->findOrFail($person);
        $this->changes->run(
            new Intent(TreesController::user($request), "Changed the order of the couples of {$this->pages->nameOf($row)}"),
            fn () => $this->families->run(new OrderCouples($row->id, $ids)),
        );

        return response()->noContent();
    }

    private function childOf(ParentSet $set): string
    {
        return $this->pages->nameOf(Person::query()->findOrFail($set->child_id));
    }
}
