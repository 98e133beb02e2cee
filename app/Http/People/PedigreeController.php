<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Get;
use App\Http\People\Resources\NamedPerson;
use App\Http\People\Resources\PedigreePage;
use App\Http\People\Resources\SeatedAncestor;
use App\Models\Person as PersonRow;
use App\Trees\Access\LivingPeople;
use App\Trees\Joins\Joined;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthBough\Core\Drawing\Boxes\PersonText;
use NorthBough\Core\Kin\Walk\AncestorSeat;
use NorthBough\Core\Kin\Walk\AncestorSeats;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Place\PlacePath;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** The line up: a few generations above somebody, to be walked on from any of them. */
final readonly class PedigreeController
{
    private const MOST = 7;

    public function __construct(private LivingPeople $living, private Joined $joined)
    {
    }

    #[Get('/trees/{tree}/people/{person}/pedigree', 'pedigree', PedigreePage::class, query: ['generations'])]
    public function show(Request $request, string $tree, string $person): JsonResponse
    {
        $id = PersonRow::query()->findOrFail($this->joined->resolve($person))->id;
        $view = $this->living->forReader();
        $seats = AncestorSeats::above($view, $id, max(1, min(self::MOST, $request->integer('generations', 5))));
        $children = array_values(array_unique(array_merge([],
            ...array_map(static fn (Union $union): array => $union->childrenOf($id), $view->unionsOf([$id])[$id] ?? []))));
        $ids = array_values(array_unique(array_column($seats, 'personId')));
        $people = $view->lives([...$ids, ...$children], $ids);

        return response()->json(new PedigreePage(
            array_map(static fn (AncestorSeat $seat): SeatedAncestor => self::seated($seat, $people[$seat->personId]), $seats),
            array_map(static fn (string $child): NamedPerson => NamedPerson::of($people[$child]), $children),
        ));
    }

    private static function seated(AncestorSeat $seat, Person $person): SeatedAncestor
    {
        return new SeatedAncestor($seat->seat, $person->id, $person->number, $person->name()->shown(), LifeYears::shown($person),
            PlacePath::shortOf($person->vitals()->beginning()->place ?? ''), PersonText::backing($person), $seat->sets, $seat->goesOn,
            $seat->kind->value, $seat->proof->value);
    }
}
