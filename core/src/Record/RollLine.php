<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

/** One line of a roll, as written. */
final readonly class RollLine
{
    /**
     * @param  string  $name  as written; empty for somebody called into the roll who is not read from the page yet
     * @param  string  $role  code of a role, where somebody said it; else it is read from the column that tells it
     * @param  array<string, string>  $columns  as written, by code of the column
     */
    public function __construct(public string $id, public string $name, public string $role = '', public array $columns = [])
    {
    }
}
