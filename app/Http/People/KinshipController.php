<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Get;
use App\Http\People\Resources\KinPath;
use App\Http\People\Resources\KinshipResource;
use App\Http\People\Resources\NamedPerson;
use App\Http\People\Resources\RelationshipResource;
use App\Models\Person as StoredPerson;
use App\Trees\Access\LivingPeople;
use App\Trees\Loading\KinNeighbourhood;
use Illuminate\Http\JsonResponse;
use NorthBough\Core\Kin\Kinship;
use NorthBough\Core\Kin\Relationship;
use NorthBough\Core\Tree\Person;

/** How any two people are related, in words and by every path. */
final readonly class KinshipController
{
    /** So many paths of one relationship are told; all are counted. */
    private const PATHS = 12;

    public function __construct(private KinNeighbourhood $kin, private LivingPeople $living)
    {
    }

    #[Get('/trees/{tree}/kinship/{person}/{otherPerson}', 'kinship', KinshipResource::class)]
    public function show(string $tree, string $person, string $otherPerson): JsonResponse
    {
        $ids = [StoredPerson::query()->findOrFail($person)->id, StoredPerson::query()->findOrFail($otherPerson)->id];
        $found = Kinship::between($this->kin->of($ids), $ids[0], $ids[1]);
        $along = array_merge($ids, ...array_merge(...array_map(
            static fn (Relationship $relationship): array => array_slice($relationship->paths, 0, self::PATHS), $found)));
        $people = array_map(self::named(...), $this->living->forReader()->lives(array_values(array_unique($along))));

        return response()->json(new KinshipResource($people[$ids[0]], $people[$ids[1]], array_map(
            static fn (Relationship $relationship): RelationshipResource => new RelationshipResource($relationship->term,
                $relationship->kind->value, $relationship->total, array_map(
                    static fn (array $path): KinPath => new KinPath(array_map(static fn (string $id): NamedPerson => $people[$id], $path)),
                    array_slice($relationship->paths, 0, self::PATHS))), $found)));
    }

    private static function named(Person $person): NamedPerson
    {
        return NamedPerson::of($person);
    }
}
