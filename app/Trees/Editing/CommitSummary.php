<?php

declare(strict_types=1);

namespace App\Trees\Editing;

/** How much adding a record to the tree placed, made and entered. */
final class CommitSummary
{
    public int $placed = 0;

    public int $aside = 0;

    public int $people = 0;

    public int $facts = 0;

    public int $ties = 0;

    public int $cited = 0;

    public int $rivals = 0;

    /** Seven placed, two of them new, eight facts, three agree. */
    public function words(): string
    {
        $parts = array_filter([
            $this->placed === 0 ? '' : "{$this->placed} placed".($this->people === 0 ? '' : ", {$this->people} of them new"),
            $this->aside === 0 ? '' : "{$this->aside} set aside",
            self::count($this->facts, 'fact'), self::count($this->ties, 'tie'),
            $this->rivals === 0 ? '' : self::count($this->rivals, 'rival'),
            $this->cited === 0 ? '' : self::count($this->cited, 'more citation'),
        ]);

        return $parts === [] ? 'Nothing was changed.' : ucfirst(implode(', ', $parts)).'.';
    }

    private static function count(int $count, string $word): string
    {
        return $count === 0 ? '' : "{$count} {$word}".($count === 1 ? '' : 's');
    }
}
