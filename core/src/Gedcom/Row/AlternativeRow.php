<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** One answer to a case, and how far it is proved; `personId` is empty where it is about nobody in the tree. */
final readonly class AlternativeRow implements Row
{
    /** @param  list<PointRow>  $points */
    public function __construct(
        public string $id,
        public string $questionId,
        public string $personId,
        public string $title,
        public string $outcome,
        public int $position,
        public array $points = [],
    ) {
    }
}
