<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

final readonly class OneProcess implements SharedWork
{
    public function over(array $pairs, \Closure $work, \Closure $progress): array
    {
        return $work($pairs, $progress);
    }
}
