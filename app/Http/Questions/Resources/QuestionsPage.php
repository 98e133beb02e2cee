<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class QuestionsPage
{
    /** @param  list<QuestionLine>  $rows */
    public function __construct(
        #[ListOf(QuestionLine::class)] public array $rows,
        #[OA\Property] public int $open,
        #[OA\Property] public int $total,
    ) {
    }
}
