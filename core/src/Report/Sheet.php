<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

/** What a report tells as rows of plain cells, for a spreadsheet. */
final readonly class Sheet
{
    /**
     * @param  list<string>  $heads
     * @param  list<list<string|PersonRef>>  $rows
     */
    public function __construct(public array $heads, public array $rows)
    {
    }

    /** @return list<string> of everybody whom a row points to, each once */
    public function personIds(): array
    {
        $ids = [];
        foreach ($this->rows as $row) {
            foreach ($row as $cell) {
                if ($cell instanceof PersonRef) {
                    $ids[$cell->personId] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($ids));
    }
}
