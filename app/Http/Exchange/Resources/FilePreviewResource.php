<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use App\Http\Api\ListOf;
use NorthBough\Core\Gedcom\Edition\Labels;
use OpenApi\Attributes as OA;

/** What a file is, before anything of it is brought in. */
#[OA\Schema]
final readonly class FilePreviewResource
{
    /**
     * @param  list<KeptCountResource>  $kept
     * @param  list<UnplacedLine>  $odd
     * @param  list<string>  $picturesMissing
     * @param  list<EncodingSample>  $readings  empty where all letters are UTF-8
     * @param  list<PersonHere>  $here  the likeliest first
     */
    public function __construct(
        #[OA\Property] public string $version,
        #[OA\Property] public string $program,
        #[OA\Property] public string $encoding,
        #[OA\Property] public int $people,
        #[OA\Property] public int $families,
        #[OA\Property] public int $events,
        #[OA\Property] public int $sources,
        #[OA\Property] public ?int $firstYear,
        #[OA\Property] public ?int $lastYear,
        #[OA\Property] public int $lines,
        #[ListOf(KeptCountResource::class)] public array $kept,
        #[ListOf(UnplacedLine::class)] public array $odd,
        #[OA\Property] public int $oddCount,
        #[OA\Property] public int $picturesFound,
        #[OA\Property] public int $picturesMissingCount,
        #[ListOf('string')] public array $picturesMissing,
        #[OA\Property(description: 'how much of it the tree has already; empty where it has little')] public string $alike,
        #[OA\Property(description: 'the bytes are not what its head says: somebody must choose')] public bool $inDoubt,
        #[ListOf(EncodingSample::class)] public array $readings,
        #[OA\Property(description: 'how many of it are likely in the tree already')] public int $hereCount,
        #[ListOf(PersonHere::class)] public array $here,
    ) {
    }

    /** @param  array<string, mixed>  $seen  as PreviewFile tells it */
    public static function of(array $seen): self
    {
        return new self(
            $seen['version'], $seen['program'], $seen['encoding'], $seen['people'], $seen['families'], $seen['events'], $seen['sources'],
            $seen['firstYear'], $seen['lastYear'], $seen['lines'],
            self::kept($seen['kept']),
            array_values(array_map(
                static fn (array $counted): UnplacedLine => new UnplacedLine($counted['line'], $counted['text'], $counted['why']),
                $seen['odd'])), $seen['oddCount'],
            $seen['pictures']['found'], $seen['pictures']['missingCount'], $seen['pictures']['missing'], $seen['alike'],
            $seen['inDoubt'],
            array_values(array_map(static fn (array $counted): EncodingSample => new EncodingSample(...$counted), $seen['readings'])),
            (int) ($seen['here']['count'] ?? 0),
            array_values(array_map(static fn (array $person): PersonHere => new PersonHere(...$person), $seen['here']['people'] ?? [])),
        );
    }

    /**
     * @param  list<array{tag: string, count: int, shown: string}>  $kept
     * @return list<KeptCountResource>
     */
    public static function kept(array $kept): array
    {
        return array_map(
            static fn (array $counted): KeptCountResource => new KeptCountResource($counted['tag'],
                implode(', ', array_map(Labels::of(...), explode('.', $counted['tag']))), $counted['count'],
                $counted['shown']), $kept);
    }
}
