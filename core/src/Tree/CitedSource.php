<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Field;

/** As much of a source as its notes print. */
final readonly class CitedSource implements Described
{
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        public string $title,
        public string $author,
        public string $publication,
        public string $repository,
        public ?CitationForms $forms = null,
    ) {
    }
}
