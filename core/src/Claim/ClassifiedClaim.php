<?php

declare(strict_types=1);

namespace NorthBough\Core\Claim;

/** A claim with its classes: everything from which its weight and its origin are worked out. */
final readonly class ClassifiedClaim
{
    /**
     * @param  string  $recordId  on which it stands
     * @param  string  $informant  who told it: an id or a name as written; empty where nobody is named
     * @param  bool  $isNear  set down near the event, by Nearness
     * @param  string  $derivedFrom  id of the claim that it was copied from, or comes from; empty for none
     * @param  string  $saidOrigin  what somebody said it comes from; claims that say the same share it
     * @param  WeightGrade|null  $saidWeight  by which somebody overruled the rule
     * @param  string  $why  the words with which they did
     * @param  string  $withdrawn  why it was taken back; empty while it counts
     * @param  Directness  $directness  how it answers what it is cited for
     * @param  string  $informantTie  what the informant was to the event or to whom it happened, in words
     */
    public function __construct(
        public string $id,
        public string $recordId,
        public SourceClass $source,
        public Information $information,
        public bool $isNear,
        public string $informant = '',
        public bool $isRead = true,
        public string $derivedFrom = '',
        public string $saidOrigin = '',
        public ?WeightGrade $saidWeight = null,
        public string $why = '',
        public string $withdrawn = '',
        public Directness $directness = Directness::Unstated,
        public string $informantTie = '',
    ) {
    }

    /** For whoever may not read what was written about the living. */
    public function withoutReasons(): self
    {
        return new self(
            ...['informant' => '', 'informantTie' => '', 'saidOrigin' => '', 'why' => '',
                'withdrawn' => $this->withdrawn === '' ? '' : 'withheld'] + get_object_vars($this));
    }
}
