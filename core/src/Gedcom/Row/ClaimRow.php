<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** A citation: what the record is said to say of a fact. `quality` is QUAY as the file had it, `stance` and `evidence` are empty where they are not told, `derivedFromId` where it was copied from no other. */
final readonly class ClaimRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        public string $id,
        public string $recordId,
        public FactRef $subject,
        public string $words,
        public string $quality,
        public int $ordinal,
        public array $written,
        public ?ClaimLineRef $line = null,
        public ClaimClassification $classes = new ClaimClassification,
        public string $stance = '',
        public string $evidence = '',
        public string $derivedFromId = '',
    ) {
    }
}
