<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateReader;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Reckoning;

/** INT 1850 (the year of the fire): 5.5.1's date with the words that it was read from. */
final readonly class Interpreted implements DateForm
{
    public function read(string $text, Reckoning $reckoning, DateReader $reader): ?GenDate
    {
        return preg_match('/^INT (.+?) ?\(.*\)$/iu', $text, $m) === 1 ? $reader->plain($m[1], $reckoning) : null;
    }
}
