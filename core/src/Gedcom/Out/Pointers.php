<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Out;

/** What each record is called in the file that is written: as its own file called it, where that is still free. */
final class Pointers
{
    /** @var array<string, string> id => pointer */
    private array $byId = [];

    /** @var array<string, true> */
    private array $taken = [];

    /** @var array<string, int> id => number, 0 while it did not come up */
    private array $labels = [];

    private int $lastLabel = 0;

    /** Gives the pointer that the record had, unless another has it already. */
    public function prefer(string $id, string $pointer): void
    {
        if (! isset($this->byId[$id]) && ! isset($this->taken[$pointer])) {
            $this->byId[$id] = $pointer;
            $this->taken[$pointer] = true;
        }
    }

    /** Makes one from a letter and a number where there is none yet. */
    public function ensure(string $id, string $letter, int $number): void
    {
        if (isset($this->byId[$id])) {
            return;
        }
        while (isset($this->taken["@{$letter}{$number}@"])) {
            $number++;
        }
        $this->prefer($id, "@{$letter}{$number}@");
    }

    /**
     * Claims and questions that something else points at. The standard gives them no pointers of their own.
     *
     * @param  list<string>  $ids
     */
    public function pointedAt(array $ids): void
    {
        $this->labels += array_fill_keys($ids, 0);
    }

    /** The number by which this file calls a claim or a question, in the order in which they come up; empty where nothing points at it. */
    public function label(string $id): string
    {
        if (! isset($this->labels[$id])) {
            return '';
        }

        return (string) ($this->labels[$id] = $this->labels[$id] ?: ++$this->lastLabel);
    }

    /** Whether it is a record of the file. */
    public function has(string $id): bool
    {
        return isset($this->byId[$id]);
    }

    public function of(string $id): string
    {
        return $this->byId[$id] ?? '@VOID@';
    }
}
