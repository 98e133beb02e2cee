<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

/** What a command starts from. The graph then holds all couples, children and parents around it. */
final readonly class Reach
{
    /**
     * @param  list<string>  $people
     * @param  list<string>  $couples
     * @param  list<string>  $sets
     * @param  list<string>  $partnerships
     * @param  list<string>  $parents
     */
    private function __construct(
        public array $people = [],
        public array $couples = [],
        public array $sets = [],
        public array $partnerships = [],
        public array $parents = [],
    ) {
    }

    public static function people(string ...$ids): self
    {
        return new self(people: array_values(array_filter($ids)));
    }

    public function couples(string ...$ids): self
    {
        return new self($this->people, array_values(array_filter($ids)), $this->sets, $this->partnerships, $this->parents);
    }

    public function sets(string ...$ids): self
    {
        return new self($this->people, $this->couples, array_values($ids), $this->partnerships, $this->parents);
    }

    public function partnerships(string ...$ids): self
    {
        return new self($this->people, $this->couples, $this->sets, array_values($ids), $this->parents);
    }

    public function parents(string ...$ids): self
    {
        return new self($this->people, $this->couples, $this->sets, $this->partnerships, array_values($ids));
    }
}
