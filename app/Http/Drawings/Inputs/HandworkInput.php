<?php

declare(strict_types=1);

namespace App\Http\Drawings\Inputs;

use App\Http\Api\ListOf;
use NorthBough\Core\Drawing\Cast\Toward;
use NorthBough\Core\Drawing\Handwork\StoredHandwork;
use OpenApi\Attributes as OA;

/** What was done to a drawing by hand, as it is sent and told. */
#[OA\Schema]
final readonly class HandworkInput
{
    private const MOST = 5000;

    /**
     * @param  list<BoxMoveInput>  $moves
     * @param  list<string>  $hidden
     * @param  list<string>  $hiddenBranches
     * @param  list<BroughtInput>  $brought
     * @param  list<SetNoteInput>  $notes
     * @param  list<SetPictureInput>  $pictures
     */
    public function __construct(
        #[OA\Property] public string $title,
        #[ListOf(BoxMoveInput::class)] public array $moves,
        #[ListOf('string')] public array $hidden,
        #[ListOf('string')] public array $hiddenBranches,
        #[ListOf(BroughtInput::class)] public array $brought,
        #[ListOf(SetNoteInput::class)] public array $notes,
        #[ListOf(SetPictureInput::class)] public array $pictures,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        $rules = ['handwork' => ['nullable', 'array'], 'handwork.title' => ['nullable', 'string', 'max:300']];
        foreach (['moves', 'hidden', 'hiddenBranches', 'brought', 'notes', 'pictures'] as $list) {
            $rules["handwork.{$list}"] = ['nullable', 'array', 'max:'.self::MOST];
        }
        foreach (['moves', 'brought', 'notes', 'pictures'] as $list) {
            $rules["handwork.{$list}.*.personId"] = ['required', 'uuid'];
        }
        $place = ['required', 'numeric', 'between:-'.StoredHandwork::FURTHEST.','.StoredHandwork::FURTHEST];
        foreach (['moves', 'notes', 'pictures'] as $list) {
            $rules += ["handwork.{$list}.*.x" => $place, "handwork.{$list}.*.y" => $place];
        }

        return $rules + [
            'handwork.hidden.*' => ['uuid'],
            'handwork.hiddenBranches.*' => ['uuid'],
            'handwork.brought.*.toward' => ['required', 'in:'.implode(',', array_column(Toward::cases(), 'value'))],
            'handwork.notes.*.words' => ['required', 'string', 'max:2000'],
            'handwork.pictures.*.width' => ['required', 'numeric', 'between:8,4000'],
            'handwork.pictures.*.height' => ['required', 'numeric', 'between:8,4000'],
            'handwork.pictures.*.mediaId' => ['required', 'uuid'],
        ];
    }
}
