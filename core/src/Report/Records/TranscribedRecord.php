<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Records;

use NorthBough\Core\Record\Roll;
use NorthBough\Core\Tree\CitedSource;

/** A record with all that was written down from it. */
final readonly class TranscribedRecord
{
    /**
     * @param  array<string, string>  $fields  of the head, by code
     * @param  array<string, string>  $placed  in words, by line: a name with its years, or why nobody
     * @param  array<string, string>  $personIds  for whom each line is taken, by line; those of nobody, or of nobody who is shown, are
     *     missing
     * @param  string  $words  of the page besides its roll
     */
    public function __construct(
        public CitedSource $source,
        public string $locator,
        public Roll $roll,
        public array $fields,
        public array $placed,
        public string $words,
        public array $personIds = [],
    ) {
    }
}
