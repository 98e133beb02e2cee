<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

/** Told how far long work has come, and the place where it learns that it is no longer wanted. */
interface Progress
{
    /**
     * @param  int<0, 100>  $percent
     *
     * @throws Cancelled
     */
    public function report(int $percent, string $step): void;
}
