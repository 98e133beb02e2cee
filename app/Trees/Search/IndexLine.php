<?php

declare(strict_types=1);

namespace App\Trees\Search;

/** A line of the index of people. */
final readonly class IndexLine
{
    private function __construct(
        public string $personId,
        public int $number,
        public string $sex,
        public string $shownName,
        public string $filedName,
        public string $birthShown,
        public string $birthPlace,
        public string $deathShown,
    ) {
    }

    /** @param  array<string, mixed>  $columns  of `person_lines` */
    public static function read(array $columns): self
    {
        return new self($columns['person_id'], $columns['number'], $columns['sex'], $columns['shown_name'], $columns['filed_name'],
            $columns['birth_shown'], $columns['birth_place'], $columns['death_shown']);
    }
}
