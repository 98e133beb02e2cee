<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance from a seed, and what clerks make of names and ages. */
final class Slips
{
    /** Pet names that the isle uses; some a table of names knows and some it does not. */
    private const PET = ['William' => 'Will', 'Thomas' => 'Tam', 'Margaret' => 'Peggy', 'Elizabeth' => 'Betsy', 'Robert' => 'Rob',
        'Alexander' => 'Sandy', 'Mary' => 'Molly', 'Catherine' => 'Kate', 'James' => 'Jamie', 'Ann' => 'Annie', 'Andrew' => 'Andra',
        'Helen' => 'Nell'];

    private readonly Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** A number from 0 to one less than named. */
    public function chance(int $of): int
    {
        return $this->random->getInt(0, $of - 1);
    }

    public function oneIn100(int $of100): bool
    {
        return $this->chance(100) < $of100;
    }

    public function given(string $given): string
    {
        return match (true) {
            $this->oneIn100(12) && isset(self::PET[$given]) => self::PET[$given],
            $this->oneIn100(6) => $this->misspelt($given),
            default => $given,
        };
    }

    public function surname(string $surname): string
    {
        return $this->oneIn100(12) ? $this->misspelt($surname) : $surname;
    }

    public function age(int $years): string
    {
        return (string) max(0, $years + [0, 0, 0, 0, 1, -1, 1, -1, 2, -2, 3, -3][$this->chance(12)]);
    }

    private function misspelt(string $name): string
    {
        $at = 1 + $this->chance(max(1, strlen($name) - 2));

        return match ($this->chance(3)) {
            0 => substr($name, 0, $at).substr($name, $at + 1),
            1 => substr($name, 0, $at).$name[$at].substr($name, $at),
            default => substr($name, 0, $at).['a', 'e', 'i', 'o', 'u'][$this->chance(5)].substr($name, $at + 1),
        };
    }
}
