<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** Where long lists of pairs are looked at: in this process, or in several. */
interface SharedWork
{
    /**
     * @param  list<int>  $pairs
     * @param  \Closure(list<int>, \Closure(float): void): list<int>  $work  of each part; it changes nothing that outlives it
     * @param  \Closure(float): void  $progress  for the part that is done in this process; may throw
     * @return list<int> what the parts gave, in their order
     */
    public function over(array $pairs, \Closure $work, \Closure $progress): array;
}
