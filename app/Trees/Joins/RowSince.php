<?php

declare(strict_types=1);

namespace App\Trees\Joins;

/** A row that was made on somebody after a join. */
final readonly class RowSince
{
    /**
     * @param  string  $table  of AuthoredTables
     * @param  string  $column  by which it is tied to whoever was kept
     * @param  string  $goesTo  the person or couple that it goes to if it is of the one who comes back
     * @param  string  $says  what it is, in a few words
     * @param  bool  $isOfGone  a record says that it is of the one who comes back
     */
    public function __construct(
        public string $table,
        public string $id,
        public string $column,
        public string $goesTo,
        public string $says,
        public bool $isOfGone,
    ) {
    }
}
