<?php

declare(strict_types=1);

namespace App\Console;

/** Arguments and options as words; what was left out is empty. */
trait Worded
{
    private function word(string $name): string
    {
        $given = $this->hasArgument($name) ? $this->argument($name) : $this->option($name);

        return is_scalar($given) ? (string) $given : '';
    }
}
