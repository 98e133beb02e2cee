<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** How somebody classed a claim; empty where nobody said. */
final readonly class ClaimClassification
{
    /**
     * @param  string  $information  primary, secondary, undetermined
     * @param  string  $reading  doubtful, or empty for sure
     * @param  string  $weight  strong, fair or slight, by which the rule is overruled
     * @param  string  $why  the words with which it is
     * @param  string  $withdrawn  why somebody took it back
     * @param  string  $evidence  direct, indirect or negative
     * @param  string  $informantTie  what the informant was to the event
     * @param  bool  $isRead  somebody here has read the record; not taken over from a file
     */
    public function __construct(
        public string $information = '',
        public string $reading = '',
        public string $informant = '',
        public string $origin = '',
        public string $weight = '',
        public string $why = '',
        public bool $isRead = false,
        public string $withdrawn = '',
        public string $evidence = '',
        public string $informantTie = '',
    ) {
    }

    public function areSaid(): bool
    {
        return $this->isRead || implode('', [$this->information, $this->reading, $this->informant, $this->origin, $this->weight, $this->why, $this->withdrawn, $this->evidence, $this->informantTie]) !== '';
    }
}
