<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Field;

/** One claim behind a fact, with the record and the source that it was made from. One taken over from a file was read by nobody yet. */
final readonly class CitedEvidence implements Described
{
    /** @param  ClassifiedClaim|null  $classed  null where nothing is weighed by it */
    public function __construct(
        #[Field(isSafe: true)] public string $claimId,
        #[Field(isSafe: true)] public string $recordId,
        public CitedSource $source,
        public string $locator,
        public string $words,
        public bool $isTakenOver = false,
        public ?ClassifiedClaim $classed = null,
    ) {
    }

    /** Why it was taken back; empty while it counts. */
    public function withdrawn(): string
    {
        return $this->classed->withdrawn ?? '';
    }

    /** The same, without what somebody wrote of its weight. */
    public function withoutReasons(): self
    {
        return new self($this->claimId, $this->recordId, $this->source, $this->locator, $this->words, $this->isTakenOver,
            $this->classed?->withoutReasons());
    }
}
