<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What would come of it if something were false: what falls, what weakens, what stands, which spans of life move. */
#[OA\Schema]
final readonly class ImpactPage
{
    /**
     * @param  list<ImpactEffect>  $effects
     * @param  list<MovedWindow>  $windows
     * @param  list<QuestionFact>  $unweighed  facts that nobody would have weighed then
     */
    public function __construct(
        #[OA\Property(description: 'what is supposed, as a sentence')] public string $supposed,
        #[OA\Property(description: 'to be sent back when it shall be so')] public string $mark,
        #[OA\Property(description: 'claims that would count no longer')] public int $claims,
        #[OA\Property(description: 'people who are touched')] public int $people,
        #[ListOf(ImpactEffect::class)] public array $effects,
        #[ListOf(MovedWindow::class)] public array $windows,
        #[ListOf(QuestionFact::class)] public array $unweighed,
    ) {
    }
}
