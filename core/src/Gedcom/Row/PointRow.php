<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** What speaks for or against an alternative of a case. */
final readonly class PointRow implements Row
{
    /**
     * @param  string  $weight  strong, fair or slight; empty where nobody weighed it
     * @param  string  $claimId  that it rests on; empty for none
     */
    public function __construct(
        public string $id,
        public string $questionId,
        public string $alternativeId,
        public bool $isFor,
        public string $text,
        public string $weight,
        public int $position,
        public string $claimId = '',
    ) {
    }
}
