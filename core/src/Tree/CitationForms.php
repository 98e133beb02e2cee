<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

use NorthBough\Core\Stored\Described;
use NorthBough\Core\Stored\Field;

/** The forms in which a source of a kind is told, and what its fields say. */
final readonly class CitationForms implements Described
{
    /**
     * @param  string  $full  a pattern, as are the others
     * @param  array<string, string>  $values  by field
     */
    public function __construct(
        #[Field(isSafe: true)] public string $full,
        #[Field(isSafe: true)] public string $short,
        #[Field(isSafe: true)] public string $bibliography,
        public array $values,
    ) {
    }
}
