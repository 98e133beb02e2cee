<?php

declare(strict_types=1);

namespace App\Console;

/** A driver that measures test coverage doubles the time of inner loops: a long command begins anew without it. */
trait WithoutCoverage
{
    private function withoutCoverage(): void
    {
        $isMeasured = extension_loaded('pcov') && ini_get('pcov.enabled') === '1';
        if ($isMeasured && function_exists('pcntl_exec') && ! app()->runningUnitTests()) {
            pcntl_exec(PHP_BINARY, ['-d', 'pcov.enabled=0', ...$_SERVER['argv']]);
        }
    }
}
