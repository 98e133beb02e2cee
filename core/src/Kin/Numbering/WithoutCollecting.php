<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use Closure;

/**
 * Does work that makes very many objects, none of which is part of a ring, without the search for rings, which would look through all
 * of them again and again.
 */
final class WithoutCollecting
{
    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    public static function do(Closure $work): mixed
    {
        $wasCollecting = gc_enabled();
        gc_disable();
        try {
            return $work();
        } finally {
            if ($wasCollecting) {
                gc_enable();
            }
        }
    }
}
