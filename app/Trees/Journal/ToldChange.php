<?php

declare(strict_types=1);

namespace App\Trees\Journal;

/** A change set as the journal lists it. */
final readonly class ToldChange
{
    /**
     * @param  string  $whose  whom it is about, in words
     * @param  string  $how  by hand, by an import …
     * @param  bool  $isUndone  whether it was taken back
     * @param  bool  $isUndoing  whether it took another back
     * @param  int  $rows  that it wrote
     */
    public function __construct(
        public string $id,
        public int $seq,
        public string $summary,
        public string $whose,
        public string $why,
        public string $who,
        public string $how,
        public string $madeAt,
        public bool $isUndone,
        public bool $isUndoing,
        public int $rows,
    ) {
    }
}
