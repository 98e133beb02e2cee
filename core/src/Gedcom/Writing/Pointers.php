<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Writing;

/** What each record is called in the file that is written: as its own file called it, where that is still free. */
final class Pointers
{
    /** @var array<string, string> id => pointer */
    private array $byId = [];

    /** @var array<string, true> */
    private array $taken = [];

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

    public function of(string $id): string
    {
        return $this->byId[$id] ?? '@VOID@';
    }
}
