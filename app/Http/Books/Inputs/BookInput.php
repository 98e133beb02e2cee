<?php

declare(strict_types=1);

namespace App\Http\Books\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use Illuminate\Validation\Rule;
use NorthBough\Core\Report\Book\ChapterKind;
use OpenApi\Attributes as OA;

/** A book as it was put together. */
#[OA\Schema]
final readonly class BookInput
{
    use ReadsRequest;

    /**
     * @param  list<array<string, mixed>>  $chapters
     * @param  int|null  $version  which one was read, where it is saved again
     */
    public function __construct(
        #[OA\Property] public string $title,
        #[OA\Property] public string $subtitle = '',
        #[OA\Property] public string $author = '',
        #[ListOf(ChapterInput::class)] public array $chapters = [],
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'title' => ['required', 'string', 'min:1', 'max:200'],
            'subtitle' => ['nullable', 'string', 'max:300'],
            'author' => ['nullable', 'string', 'max:200'],
            'chapters' => ['array', 'max:200'],
            'chapters.*.kind' => ['required', Rule::enum(ChapterKind::class)],
            'chapters.*.title' => ['nullable', 'string', 'max:200'],
            'chapters.*.report' => ['nullable', 'string', 'max:40'],
            'chapters.*.subject' => ['required', 'string', 'max:2000'],
            'chapters.*.options' => ['nullable', 'array', 'max:40'],
            'chapters.*.options.*' => ['string', 'max:200'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
