<?php

declare(strict_types=1);

namespace App\Demo;

final class DemoProblem extends \RuntimeException
{
    public static function at(string $file, int $line, string $why): self
    {
        return new self("{$file}, line {$line}: {$why}");
    }
}
