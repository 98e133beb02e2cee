<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Stored\Field;
use NorthBough\Core\Tree\Standing;

/** Of a person or of a couple, never both. */
final readonly class EventRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public ?string $personId,
        #[Field(isSafe: true)] public ?string $unionId,
        #[Field(word: 'kind', isSafe: true)] public string $kind,
        #[Field(word: 'kind, in words')] public string $typeWords,
        #[Field(word: 'what it says')] public string $value,
        #[Field(column: 'date_typed', word: 'when')] public GenDate $date,
        #[Field(column: 'place_typed', word: 'where')] public string $place,
        #[Field(word: 'that it did not happen')] public bool $denied,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
        #[Field(word: 'standing')] public Standing $standing = Standing::Unweighed,
        #[Field(word: 'restriction', isSafe: true)] public string $restriction = '',
    ) {
    }
}
