<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** As much of a source as its notes print. */
final readonly class CitedSource
{
    public function __construct(
        public string $id,
        public string $title,
        public string $author,
        public string $publication,
        public string $repository,
        public ?CitationForms $forms = null,
    ) {
    }
}
