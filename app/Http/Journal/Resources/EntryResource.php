<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;
use stdClass;

/**
 * One row that a change wrote: `op` is insert, update or delete; `version` that of the row now, 0 where it is gone;
 * `personId` and `person` whose it is, empty where it is nobody’s.
 */
#[OA\Schema]
final readonly class EntryResource
{
    /** @param  list<HistoryValue>  $values */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $op,
        #[OA\Property] public string $called,
        #[OA\Property] public int $version,
        #[OA\Property] public string $personId,
        #[Shielded] #[OA\Property] public string $person,
        #[ListOf(HistoryValue::class)] public array $values,
    ) {
    }

    public static function of(stdClass $entry): self
    {
        return new self($entry->id, $entry->op, $entry->called, $entry->version, $entry->personId, $entry->person, self::values($entry));
    }

    /** @return list<HistoryValue> */
    public static function values(stdClass $entry): array
    {
        return array_values(
            array_map(static fn (array $value): HistoryValue => new HistoryValue($value['field'], $value['word'], $value['before'],
                $value['after']), $entry->values));
    }
}
