<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

/** How likely something is, in words: 97 %; over 99 %. */
final class ProbabilityWords
{
    /** @param  float  $odds  from 0 to 1 */
    public static function of(float $odds): string
    {
        $percent = (int) round(100 * $odds);

        return match (true) {
            $odds > 0.995 => 'over 99 %',
            $odds < 0.005 => 'under 1 %',
            default => "{$percent} %",
        };
    }
}
