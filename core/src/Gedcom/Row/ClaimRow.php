<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/**
 * A citation: what the record is said to say of a fact. `quality` is QUAY as the file had it, `stance` and `evidence` are
 * empty where they are not told, `derivedFromId` where it was copied from no other.
 */
final readonly class ClaimRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $recordId,
        #[Field(owners: ['person', 'name', 'event', 'union'])] public FactRef $subject,
        #[Field(word: 'words')] public string $words,
        #[Field(isSafe: true)] public string $quality,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
        #[Field(isElsewhere: true)] public ?ClaimLineRef $line = null,
        public ClaimClassification $classes = new ClaimClassification,
        #[Field(isSafe: true, isElsewhere: true)] public string $stance = '',
        #[Field(isSafe: true, isElsewhere: true)] public string $evidence = '',
        #[Field(column: 'leans_on_id', isSafe: true)] public string $derivedFromId = '',
    ) {
    }
}
