<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use App\Trees\Journal\ChangedValue;
use App\Trees\Journal\OwnedEntry;
use App\Trees\Journal\ToldEntry;
use OpenApi\Attributes as OA;

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

    public static function of(OwnedEntry $owned): self
    {
        $told = $owned->told;

        return new self($told->entry->id, $told->entry->op, $told->called, $told->version, $owned->personId, $owned->person,
            self::values($told));
    }

    /** @return list<HistoryValue> */
    public static function values(ToldEntry $told): array
    {
        return array_map(static fn (ChangedValue $value): HistoryValue => new HistoryValue($value->field, $value->word, $value->before,
            $value->after), $told->values);
    }
}
