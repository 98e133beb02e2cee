<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Models\Event;
use NorthBough\Core\Tree\EventKinds;
use OpenApi\Attributes as OA;

/** A fact that a question is about. */
#[OA\Schema]
final readonly class QuestionFact
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $word,
        #[OA\Property] public string $shown,
        #[OA\Property] public string $place,
        #[OA\Property] public string $standing,
    ) {
    }

    public static function of(Event $fact): self
    {
        // Of the sex there is no event: what is told says it all.
        $word = EventKinds::all()[$fact->kind]->word ?? ($fact->kind === 'sex' ? '' : $fact->kind);

        return new self($fact->id, $fact->denied ? "No {$word}" : $word, $fact->date->shown, $fact->place_typed, $fact->standing);
    }
}
