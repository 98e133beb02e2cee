<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Lines;

use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Presentation\Option;

/** What can be chosen of every report of descendants. */
final readonly class DescentOptions
{
    public function __construct(
        #[Option('Generations', 'How many are told, whoever it begins with counted as one', from: 1, to: 60)] public int $generations = 40,
        public LineChoice $line = new LineChoice,
        #[Option('Source notes', 'With a numbered note for each citation, and a bibliography')] public bool $notes = true,
        #[Option('Rivals', 'With a note for each fact of which something else is said too')] public bool $rivals = false,
    ) {
    }
}
