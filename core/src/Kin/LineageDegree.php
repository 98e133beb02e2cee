<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Sex;

/** One degree of kinship by lines of descent, with every meeting of lines that makes it. */
final class LineageDegree
{
    /** @var array<int, true> */
    private array $ancestors = [];

    /** @var list<array{int, int}> state and key of each meeting */
    private array $ends = [];

    private int $total = 0;

    public function __construct(
        public readonly KinWords $degree,
        public readonly KinKind $kind,
        public readonly bool $isUnproved,
        private readonly LineagePairs $lines,
    ) {
    }

    public function add(int $ancestor, int $count, int $state, int $key): void
    {
        $this->ancestors[$ancestor] = true;
        $this->ends[] = [$state, $key];
        $this->total = $this->total > PHP_INT_MAX - $count ? PHP_INT_MAX : $this->total + $count;
    }

    public function distance(): int
    {
        return $this->degree->up + $this->degree->down;
    }

    public function total(): int
    {
        return $this->total;
    }

    public function term(Sex $sex): string
    {
        return ($this->isUnproved ? 'said to be ' : '').$this->degree->word($sex, $this->kind, count($this->ancestors));
    }

    /** @return list<list<string>> */
    public function paths(): array
    {
        $paths = [];
        foreach ($this->ends as [$state, $key]) {
            $room = Relationship::LISTED - count($paths);
            $paths = $room > 0 ? [...$paths, ...$this->lines->paths($state, $key, $room)] : $paths;
        }

        return $paths;
    }

    public function relationship(Sex $sex): Relationship
    {
        return new Relationship($this->term($sex), $this->kind, $this->total, $this->paths(), $this->distance());
    }
}
