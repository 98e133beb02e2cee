<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** The forms in which a source of a kind is told, and what its fields say. */
final readonly class CitationForms
{
    /**
     * @param  string  $full  a pattern, as are the others
     * @param  array<string, string>  $values  by field
     */
    public function __construct(public string $full, public string $short, public string $bibliography, public array $values)
    {
    }

    /** @param  callable(string): string  $hide */
    public function hidden(callable $hide): self
    {
        return new self($this->full, $this->short, $this->bibliography, array_map($hide, $this->values));
    }
}
