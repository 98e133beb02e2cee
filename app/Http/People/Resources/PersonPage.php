<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use App\Http\Exchange\Resources\KeptLinesResource;
use App\Http\Pictures\Resources\PortraitResource;
use App\Http\Questions\Resources\QuestionLine;
use App\Http\Research\Resources\TaskResource;
use OpenApi\Attributes as OA;

/** Everything that a person's page shows; `deleting` says what would go with them, `toCentre` what they are to the person at the centre. */
#[OA\Schema]
final readonly class PersonPage
{
    /**
     * @param  list<NameResource>  $names
     * @param  list<FactResource>  $facts
     * @param  list<SurroundingEvent>  $world  what happened around them
     * @param  list<SurroundingEvent>  $family  events of parents, partners and children
     * @param  list<ParentSetResource>  $parentSets
     * @param  list<UnionResource>  $unions
     * @param  list<DeletedKinResource>  $goneKin  who was deleted and can be restored
     * @param  list<SurnameOfferResource>  $offers
     * @param  list<NoteResource>  $notes
     * @param  list<QuestionLine>  $cases  what is asked of who they are and whose they are, and is not proved
     * @param  list<string>  $groups  ids of the groups and marks that the person has
     * @param  list<TaskResource>  $tasks
     * @param  list<KeptLinesResource>  $kept
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $number,
        #[OA\Property] public string $sex,
        #[OA\Property] public int $version,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $years,
        #[ListOf(NameResource::class)] public array $names,
        #[ListOf(FactResource::class)] public array $facts,
        #[ListOf(SurroundingEvent::class)] public array $family,
        #[ListOf(SurroundingEvent::class)] public array $world,
        #[OA\Property] public LifeStripResource $lifeline,
        #[ListOf(ParentSetResource::class)] public array $parentSets,
        #[ListOf(UnionResource::class)] public array $unions,
        #[ListOf(DeletedKinResource::class)] public array $goneKin,
        #[ListOf(SurnameOfferResource::class)] public array $offers,
        #[ListOf(NoteResource::class)] public array $notes,
        #[ListOf(QuestionLine::class)] public array $cases,
        #[ListOf('string')] public array $groups,
        #[ListOf(TaskResource::class)] public array $tasks,
        #[ListOf(KeptLinesResource::class)] public array $kept,
        #[OA\Property] public string $deleting,
        #[OA\Property] public bool $isLiving,
        #[OA\Property] public string $saidDeadWhy,
        #[OA\Property(description: 'confidential, privacy, locked, or several; empty for none')] public string $restriction,
        #[OA\Property] public string $toCentre,
        /** Every number of theirs by what whoever asks has everybody numbered by; empty where they have none. */
        #[OA\Property] public string $line,
        #[OA\Property] public ?PortraitResource $portrait,
    ) {
    }
}
