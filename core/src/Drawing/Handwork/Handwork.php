<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Handwork;

/** What was done to a drawing by hand. It is kept apart from what is computed, and laid over it each time anew. */
final readonly class Handwork
{
    /**
     * @param  string  $title  its own; empty for the usual one
     * @param  array<string, Move>  $moves  by person
     * @param  list<string>  $hidden  people who are not drawn, while those behind them are
     * @param  list<string>  $hiddenBranches  people who are not drawn, nor whoever is reached by them alone
     * @param  list<Brought>  $brought  in the order in which they were
     * @param  list<Note>  $notes
     * @param  list<SetPicture>  $pictures
     */
    public function __construct(
        public string $title = '',
        public array $moves = [],
        public array $hidden = [],
        public array $hiddenBranches = [],
        public array $brought = [],
        public array $notes = [],
        public array $pictures = [],
    ) {
    }

    public static function none(): self
    {
        return new self;
    }

    public function hides(string $personId): bool
    {
        return in_array($personId, $this->hidden, true) || $this->hidesBranch($personId);
    }

    public function hidesBranch(string $personId): bool
    {
        return in_array($personId, $this->hiddenBranches, true);
    }
}
