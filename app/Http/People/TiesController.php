<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Delete;
use App\Http\Tree\TreesController;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\UnionPartner;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Ties;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Unlinking: the tie goes, the people stay. */
final readonly class TiesController
{
    public function __construct(private ChangeSets $changes, private Ties $ties, private PersonPageBuilder $pages)
    {
    }

    #[Delete('/trees/{tree}/parent-sets/{parentSet}', 'unlinkParents')]
    public function parents(Request $request, string $tree, string $parentSet): Response
    {
        $set = ParentSet::query()->findOrFail($parentSet);
        $child = $this->pages->nameOf(Person::query()->findOrFail($set->child_id));
        $this->changes->run(
            new Intent(TreesController::user($request), "Unlinked {$child} from a set of parents"),
            fn (Change $change) => $this->ties->unlinkParents($change, $set),
        );

        return response()->noContent();
    }

    #[Delete('/trees/{tree}/union-partners/{unionPartner}', 'unlinkPartner')]
    public function partner(Request $request, string $tree, string $unionPartner): Response
    {
        $tie = UnionPartner::query()->findOrFail($unionPartner);
        $name = $this->pages->nameOf(Person::query()->findOrFail($tie->person_id));
        $this->changes->run(
            new Intent(TreesController::user($request), "Unlinked {$name} from a union"),
            fn (Change $change) => $this->ties->unlinkPartner($change, $tie),
        );

        return response()->noContent();
    }
}
