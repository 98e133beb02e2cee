<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** What speaks for or against an alternative of a case. */
final readonly class PointRow implements Row
{
    /**
     * @param  string  $weight  strong, fair or slight; empty where nobody weighed it
     * @param  string  $claimId  that it rests on; empty for none
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $questionId,
        #[Field(isSafe: true)] public string $alternativeId,
        public bool $isFor,
        #[Field(word: 'words')] public string $text,
        #[Field(isSafe: true)] public string $weight,
        public int $position,
        #[Field(isSafe: true)] public string $claimId = '',
    ) {
    }
}
