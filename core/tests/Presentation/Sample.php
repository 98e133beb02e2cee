<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Presentation;

use NorthBough\Core\Presentation\Option;

/** A kind with an option of each type. */
final readonly class Sample
{
    public function __construct(
        #[Option('Depth', 'How deep', 1, 3)] public int $deep = 2,
        #[Option('Names', 'With names')] public bool $names = true,
        #[Option('Paper', 'On what')] public SamplePaper $paper = SamplePaper::Letter,
    ) {
    }
}
