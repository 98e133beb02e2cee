<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Tree\Standing;

/** Of a person or of a couple, never both. */
final readonly class EventRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        public string $id,
        public ?string $personId,
        public ?string $unionId,
        public string $kind,
        public string $typeWords,
        public string $value,
        public GenDate $date,
        public string $place,
        public bool $denied,
        public int $ordinal,
        public array $written,
        public Standing $standing = Standing::Unweighed,
        public string $restriction = '',
    ) {
    }
}
