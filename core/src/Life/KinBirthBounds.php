<?php

declare(strict_types=1);

namespace NorthBough\Core\Life;

/** What parents and children by birth say of the days of a birth; all are numbers of days. */
final readonly class KinBirthBounds
{
    /**
     * @param  list<int>  $childrenBornBy  the latest births of children
     * @param  list<int>  $mothersDeaths  the latest certain days of death of mothers
     * @param  list<int>  $parentsBornFrom  the earliest births of parents, by their own births
     */
    private function __construct(public array $childrenBornBy, public array $mothersDeaths, public array $parentsBornFrom)
    {
    }

    public static function none(): self
    {
        return new self([], [], []);
    }

    /**
     * @param  list<int>  $childrenBornBy
     * @param  list<int>  $mothersDeaths
     * @param  list<int>  $parentsBornFrom
     */
    public static function of(array $childrenBornBy = [], array $mothersDeaths = [], array $parentsBornFrom = []): self
    {
        return new self($childrenBornBy, $mothersDeaths, $parentsBornFrom);
    }
}
