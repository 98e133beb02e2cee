<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Field;

/** How somebody classed a claim; empty where nobody said. */
final readonly class ClaimClassification implements Described
{
    /**
     * @param  bool  $isRead  somebody here has read the record; not taken over from a file
     * @param  string  $informantTie  what the informant was to the event
     * @param  string  $weight  by which the rule is overruled
     * @param  string  $why  the words with which it is
     * @param  string  $withdrawn  why somebody took it back
     */
    public function __construct(
        #[Field(tag: '_NB_READ', oneOf: ['Y'], isElsewhere: true)] public bool $isRead = false,
        #[Field(word: 'information', tag: '_NB_INFORMATION', unsaid: 'unstated', oneOf: ['primary', 'secondary', 'undetermined'],
            isSafe: true)]
        public string $information = '',
        #[Field(word: 'reading', tag: '_NB_READING', unsaid: 'sure', oneOf: ['doubtful'], isSafe: true)]
        public string $reading = '',
        #[Field(word: 'told by', tag: '_NB_INFORMANT')] public string $informant = '',
        #[Field(tag: '_NB_TIE')] public string $informantTie = '',
        #[Field(tag: '_NB_EVIDENCE', unsaid: 'unstated', oneOf: ['direct', 'indirect', 'negative'], isSafe: true)]
        public string $evidence = '',
        #[Field(tag: '_NB_ORIGIN')] public string $origin = '',
        #[Field(column: 'weight_said', word: 'weight', tag: '_NB_WEIGHT', oneOf: ['strong', 'fair', 'slight'], isSafe: true)]
        public string $weight = '',
        #[Field(column: 'weight_why', tag: '_NB_WHY')] public string $why = '',
        #[Field(word: 'why it is withdrawn', tag: '_NB_WITHDRAWN')] public string $withdrawn = '',
    ) {
    }

    public function areSaid(): bool
    {
        return $this != new self;
    }
}
